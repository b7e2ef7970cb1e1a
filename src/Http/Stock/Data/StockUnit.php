<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Stock\Data;

use Inlaid\Core\Measure\Dimension;

/**
 * What stock is counted in.
 */
enum StockUnit: string
{
    case Millilitres = 'ml';
    case Grams = 'g';

    public function dimension(): Dimension
    {
        return self::Millilitres === $this ? Dimension::Volume : Dimension::Mass;
    }
}
