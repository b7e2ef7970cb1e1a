<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Stock;

/**
 * What was bought: so many packs of an amount such as "750 ml".
 */
final readonly class AmountBought
{
    public function __construct(public string $amount, public int $count = 1)
    {
    }
}
