<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\RawJson;
use Inlaid\Core\Technique\Zone;

/**
 * A recipe, the step whose thinning is to be found, and the colour a zone is to have in the end: the flat where none is named.
 */
final readonly class ThinningRequest
{
    /**
     * @param RawJson      $document schema recipe
     * @param RawJson|null $context  schema context
     */
    public function __construct(
        public RawJson $document,
        public string $step,
        public string $target,
        public ?Zone $zone = null,
        public ?RawJson $context = null,
    ) {
    }
}
