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
        return new self(\sprintf('"%s" is not a colour. Write six hexadecimal digits, for example #5b6b73.', $text));
    }

    public static function blownOut(): self
    {
        return new self('The reference is blown out: the picture shows it as white as it can, so its true brightness is lost. Photograph the board a little darker.');
    }

    public static function tooDark(): self
    {
        return new self('The reference is too dark in the picture to correct by. Photograph the board in more light.');
    }

    public static function noCard(): self
    {
        return new self('A reference reflects between 2 and 98 % of the light.');
    }
}
