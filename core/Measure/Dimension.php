<?php

declare(strict_types=1);

namespace Inlaid\Core\Measure;

/**
 * What an amount is an amount of: space or matter. Only a density takes one to the other.
 */
enum Dimension: string
{
    case Volume = 'volume';
    case Mass = 'mass';
}
