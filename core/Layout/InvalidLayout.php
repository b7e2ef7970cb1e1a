<?php

declare(strict_types=1);

namespace Inlaid\Core\Layout;

use Inlaid\Core\ValidationError;

/**
 * A layout that cannot be, or not on that face.
 */
final class InvalidLayout extends ValidationError
{
    public static function outOfRange(string $what, string $range): self
    {
        return new self(\sprintf('%s must be %s.', $what, $range));
    }

    public static function doesNotFit(string $what, float $needs, float $has): self
    {
        return new self(\sprintf('%s %s mm; there are only %s mm.', $what, Millimetres::plain($needs), Millimetres::plain($has)));
    }

    public static function linesMeet(): self
    {
        return new self('Two lines of the border overlap.');
    }

    public static function notOf(string $technique): self
    {
        return new self(\sprintf('“%s” can\'t use this layout.', $technique));
    }
}
