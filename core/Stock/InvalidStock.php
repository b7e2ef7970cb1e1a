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
        return new self('Say how much: more than nothing.');
    }

    public static function tooMuch(): self
    {
        return new self('This is more than a thousand tonnes. Check the amount and its unit.');
    }

    public static function notThere(): self
    {
        return new self('There is not so much of it there.');
    }
}
