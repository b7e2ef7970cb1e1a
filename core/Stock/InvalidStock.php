<?php

declare(strict_types=1);

namespace Inlaid\Core\Stock;

use Inlaid\Core\ValidationError;

/**
 * Something that cannot be taken, because it is not there.
 */
final class InvalidStock extends ValidationError
{
    public static function nothing(): self
    {
        return new self('Enter an amount above 0.');
    }

    public static function tooMuch(): self
    {
        return new self('Over 1,000 tonnes. Check the amount and its unit.');
    }

    public static function notThere(): self
    {
        return new self('Not enough in stock. Enter a smaller amount.');
    }
}
