<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Ledger\Data;

/**
 * A page of the ledger, the last line first, and the sums of all lines by material.
 */
final readonly class LedgerPage
{
    /**
     * @param list<LedgerLine> $entries
     * @param list<LedgerSum>  $materials
     */
    public function __construct(public int $total, public int $page, public int $size, public array $entries, public array $materials)
    {
    }
}
