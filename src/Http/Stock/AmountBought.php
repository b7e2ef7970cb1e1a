<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Stock;

/**
 * What was bought, such as "750 ml".
 */
final readonly class AmountBought
{
    public function __construct(public string $amount)
    {
    }
}
