<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

use Inlaid\Core\ValidationError;

/**
 * A colour that cannot be told.
 */
final class InvalidColour extends ValidationError
{
    public static function notOne(string $text): self
    {
        return new self(\sprintf('“%s” isn\'t a colour code. Enter one, for example #7f8a6b.', $text));
    }

    public static function blownOut(): self
    {
        return new self('The reference is overexposed. Photograph the board a little darker.');
    }

    public static function tooDark(): self
    {
        return new self('The reference is too dark. Photograph the board in more light.');
    }

    public static function noCard(): self
    {
        return new self('Reflectance of a reference: 2 to 98 %.');
    }
}
