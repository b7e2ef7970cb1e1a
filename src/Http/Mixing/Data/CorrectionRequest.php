<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing\Data;

use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Api\MaterialAmount;

/**
 * A pot that is not as wanted: what is in it, what it is to be (`of`), what the pot holds such as "510 ml", and what there is to add; as
 * much as is
 * needed of what `have` does not name.
 */
final readonly class CorrectionRequest
{
    /**
     * @param list<Document>       $materials schema material
     * @param list<Document>       $mixes     schema mix
     * @param Document             $of        schema named
     * @param list<MaterialAmount> $pot
     * @param list<MaterialAmount> $have
     * @param Document|null        $context   schema context
     */
    public function __construct(
        public array $materials,
        public array $mixes,
        public Document $of,
        public array $pot,
        public ?string $holds = null,
        public array $have = [],
        public ?Document $context = null,
    ) {
    }
}
