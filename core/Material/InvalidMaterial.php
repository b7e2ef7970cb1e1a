<?php

declare(strict_types=1);

namespace Inlaid\Core\Material;

use Inlaid\Core\ValidationError;

/**
 * A material whose figures cannot be true.
 */
final class InvalidMaterial extends ValidationError
{
    public static function outOfRange(string $what, string $range): self
    {
        return new self(\sprintf('%s must be %s.', $what, $range));
    }

    public static function timesOutOfOrder(string $earlier, string $later): self
    {
        return new self(\sprintf('%s cannot come after %s.', $earlier, $later));
    }
}
