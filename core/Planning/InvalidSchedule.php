<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

use Inlaid\Core\ValidationError;

/**
 * Working hours nobody can work.
 */
final class InvalidSchedule extends ValidationError
{
    public static function badHours(): self
    {
        return new self('Working hours run from an earlier to a later time of the same day and do not overlap.');
    }

    public static function noHours(): self
    {
        return new self('There must be working hours on at least one day of the week.');
    }

    public static function unknownZone(string $zone): self
    {
        return new self(\sprintf('There is no time zone "%s".', $zone));
    }
}
