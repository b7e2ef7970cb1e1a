<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\RawJson;

/**
 * A mix and the least that is needed of it, such as "43 ml"; measures and tolerance are the context's.
 */
final readonly class MeasuresRequest
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
        public string $need,
        public ?RawJson $context = null,
    ) {
    }
}
