<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Stock;

/**
 * What is left, as an exact number as text; null where nothing is, or nobody counts it. In ml or g.
 */
final readonly class AmountLeft
{
    public function __construct(public ?string $amount, public string $unit)
    {
    }
}
