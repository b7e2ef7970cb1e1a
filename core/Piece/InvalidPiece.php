<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

use Inlaid\Core\ValidationError;

/**
 * A piece that contradicts itself or reality.
 */
final class InvalidPiece extends ValidationError
{
    public static function outOfRange(string $what, string $range): self
    {
        return new self(\sprintf('%s must be %s.', $what, $range));
    }

    public static function twice(string $what, string $id): self
    {
        return new self(\sprintf('%s “%s” exists twice.', $what, $id));
    }

    public static function noSuch(string $what, string $key): self
    {
        return new self(\sprintf('No %s “%s”', $what, $key));
    }

    public static function faceMissing(string $part, string $face): self
    {
        return new self(\sprintf('The part “%s” has no coated face “%s”.', $part, $face));
    }

    public static function noFaces(): self
    {
        return new self('A part needs at least one coated face.');
    }

    public static function joinsItself(string $name): self
    {
        return new self(\sprintf('The joint “%s” needs two different parts.', $name));
    }
}
