<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Stock\Data;

/**
 * So many packs of one size, such as "750 ml".
 */
final readonly class PurchasedPack
{
    public function __construct(public string $amount, public int $count = 1)
    {
    }
}
