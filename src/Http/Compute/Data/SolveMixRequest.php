<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Api\Field\Between;
use Inlaid\App\Http\Api\Field\Length;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Technique\Zone;

/**
 * A recipe, the step whose mix is to be found, and the colour a zone is to have in the end: the flat where none is named. `vary` which
 * part of the mix (its thinner, or else its last), `place` a part of the piece, or a face or field of it (the largest part).
 */
final readonly class SolveMixRequest
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
        #[Between(0, 50, 'Name a part of the mix by its place, from 0')]
        public ?int $vary = null,
        #[Length(180)]
        public ?string $place = null,
    ) {
    }
}
