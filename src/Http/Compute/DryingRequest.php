<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\RawJson;

/**
 * A mix, and the wet film that stays against one normal coat; the air is the context's.
 */
final readonly class DryingRequest
{
    /**
     * @param list<RawJson> $materials schema material
     * @param list<RawJson> $mixes     schema mix
     * @param RawJson       $of        schema named
     * @param RawJson|null  $context   schema context
     */
    public function __construct(
        public array $materials,
        public array $mixes,
        public RawJson $of,
        public ?float $ofNormal = null,
        public ?RawJson $context = null,
    ) {
    }
}
