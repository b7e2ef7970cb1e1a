<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Ledger\Data;

/**
 * So many grams of a material, an exact number as text, from one place to another: "bought", "shelf", "pot:" and its id, "used", "thrown".
 */
final readonly class LedgerMove
{
    public function __construct(public string $material, public string $grams, public string $from, public string $to)
    {
    }
}
