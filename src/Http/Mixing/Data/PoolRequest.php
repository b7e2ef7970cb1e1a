<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing\Data;

use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Api\Field\Most;
use Inlaid\App\Http\Api\MaterialAmount;

/**
 * Leftovers to be used up for a mix: as much as there can be, or so much of it such as "200 ml"; nothing is added of what `have` does not
 * name.
 */
final readonly class PoolRequest
{
    /**
     * @param list<Document>       $materials schema material
     * @param list<Document>       $mixes     schema mix
     * @param Document             $of        schema named
     * @param list<Leftover>       $pots
     * @param list<MaterialAmount> $have
     * @param Document|null        $context   schema context
     */
    public function __construct(
        public array $materials,
        public array $mixes,
        public Document $of,
        #[Most(12)]
        public array $pots,
        public ?string $amount = null,
        public array $have = [],
        public ?Document $context = null,
    ) {
    }
}
