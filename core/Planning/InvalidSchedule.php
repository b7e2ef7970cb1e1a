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
        return new self('Working hours need a start before the end on the same day, without overlaps.');
    }

    public static function noHours(): self
    {
        return new self('Enter working hours for at least one day.');
    }

    public static function unknownZone(string $zone): self
    {
        return new self(\sprintf('Unknown time zone “%s”.', $zone));
    }
}
