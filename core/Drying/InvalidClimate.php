<?php

declare(strict_types=1);

namespace Inlaid\Core\Drying;

use Inlaid\Core\ValidationError;

/**
 * Air no workshop has.
 */
final class InvalidClimate extends ValidationError
{
    public static function temperature(): self
    {
        return new self('A temperature between -30 and 60 °C, please.');
    }

    public static function coldestIsWarmer(): self
    {
        return new self('At its coldest a place cannot be warmer than at its warmest.');
    }

    public static function humidity(): self
    {
        return new self('Relative humidity lies between 1 and 100 %.');
    }
}
