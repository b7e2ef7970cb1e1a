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
        return new self('Enter a temperature from −30 to 60 °C');
    }

    public static function coldestIsWarmer(): self
    {
        return new self('The night temperature can\'t be above the day temperature');
    }

    public static function humidity(): self
    {
        return new self('Enter a relative humidity from 1 to 100 %');
    }
}
