<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

use Inlaid\App\Exchange\RawJson;

/**
 * Leftovers to be used up for a mix: as much as there can be, or so much of it such as "200 ml"; nothing is added of what `have` does not
 * name.
 */
final readonly class PoolRequest
{
    /**
     * @param list<RawJson>  $materials schema material
     * @param list<RawJson>  $mixes     schema mix
     * @param RawJson        $of        schema named
     * @param list<Leftover> $pots
     * @param list<InPot>    $have
     * @param RawJson|null   $context   schema context
     */
    public function __construct(
        public array $materials,
        public array $mixes,
        public RawJson $of,
        public array $pots,
        public ?string $amount = null,
        public array $have = [],
        public ?RawJson $context = null,
    ) {
    }
}
