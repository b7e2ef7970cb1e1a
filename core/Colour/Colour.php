<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * A colour as somebody notes it down: six hexadecimal digits of sRGB.
 *
 * Immutable.
 */
final readonly class Colour implements \JsonSerializable
{
    private function __construct(public string $hex)
    {
    }

    public function jsonSerialize(): string
    {
        return $this->hex;
    }

    /**
     * @throws InvalidColour if it is not "#rrggbb"
     */
    public static function of(string $hex): self
    {
        return 1 === preg_match('/^#[0-9a-fA-F]{6}$/', $hex) ? new self(strtolower($hex)) : throw InvalidColour::notOne($hex);
    }
}
