<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

use Inlaid\App\Exchange\RawJson;

/**
 * A graded series between two mixes: so many rungs, and how much of each such as "20 ml".
 */
final readonly class LadderRequest
{
    /**
     * @param list<RawJson> $materials schema material
     * @param list<RawJson> $mixes     schema mix
     * @param RawJson       $from      schema named
     * @param RawJson       $to        schema named
     * @param RawJson|null  $context   schema context
     */
    public function __construct(
        public array $materials,
        public array $mixes,
        public RawJson $from,
        public RawJson $to,
        public int $rungs,
        public string $each,
        public ?RawJson $context = null,
    ) {
    }
}
