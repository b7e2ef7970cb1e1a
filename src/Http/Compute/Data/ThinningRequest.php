<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Api\Field\Length;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Technique\Zone;

/**
 * A recipe, the step whose thinning is to be found, and the colour a zone is to have in the end: the flat where none is named.
 */
final readonly class ThinningRequest
{
    /**
     * @param Document      $document schema recipe
     * @param Document|null $context  schema context
     */
    public function __construct(
        public Document $document,
        #[Length(64)]
        public string $step,
        public Colour $target,
        public Zone $zone = Zone::Field,
        public ?Document $context = null,
    ) {
    }
}
