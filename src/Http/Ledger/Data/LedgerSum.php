<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Ledger\Data;

/**
 * Where all there ever was of a material is: what was bought is what is on the shelf and in pots, what was used and thrown away. Exact
 * grams as text.
 */
final readonly class LedgerSum
{
    public function __construct(
        public string $material,
        public string $bought,
        public string $shelf,
        public string $pots,
        public string $used,
        public string $thrown,
    ) {
    }
}
