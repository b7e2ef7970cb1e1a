<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * An amount of light by channel, linear: 0 is none, 1 what the picture shows as white.
 *
 * Immutable. sRGB's curve (IEC 61966-2-1) turns it into a colour and back. Means of colours are means of light, not of their codes.
 */
final readonly class Light
{
    private const UNSEEN = 0.002;

    public function __construct(public float $red, public float $green, public float $blue)
    {
    }

    public static function of(Colour $colour): self
    {
        return self::ofCodes(...array_map(static fn (string $pair): int => (int) hexdec($pair), str_split(substr($colour->hex, 1), 2)));
    }

    /** Of codes from 0 to 255. */
    public static function ofCodes(int $red, int $green, int $blue): self
    {
        return new self(self::linear($red), self::linear($green), self::linear($blue));
    }

    /**
     * @param list<self> $of
     */
    public static function mean(array $of): self
    {
        $count = max(1, \count($of));

        return new self(
            array_sum(array_column($of, 'red')) / $count,
            array_sum(array_column($of, 'green')) / $count,
            array_sum(array_column($of, 'blue')) / $count,
        );
    }

    /** What can be shown of it: nothing under black or over white. */
    public function colour(): Colour
    {
        return Colour::of(vsprintf('#%02x%02x%02x', $this->codes()));
    }

    /** Is it no more vivid than a screen can show, but for what nobody sees? */
    public function canBeShown(): bool
    {
        return min($this->red, $this->green, $this->blue) >= -self::UNSEEN
            && max($this->red, $this->green, $this->blue) <= 1 + self::UNSEEN;
    }

    /**
     * @return array{int<0, 255>, int<0, 255>, int<0, 255>}
     */
    public function codes(): array
    {
        return [self::code($this->red), self::code($this->green), self::code($this->blue)];
    }

    /** @return int<0, 255> */
    private static function code(float $linear): int
    {
        $v = max(0.0, min(1.0, $linear));

        return max(0, min(255, (int) round(255 * ($v <= 0.0031308 ? 12.92 * $v : 1.055 * $v ** (1 / 2.4) - 0.055))));
    }

    public function times(float $factor): self
    {
        return new self($factor * $this->red, $factor * $this->green, $factor * $this->blue);
    }

    /** Y of XYZ, white being 1. */
    public function luminance(): float
    {
        return 0.2126390 * $this->red + 0.7151687 * $this->green + 0.0721923 * $this->blue;
    }

    /**
     * @return array{float, float, float}
     */
    public function channels(): array
    {
        return [$this->red, $this->green, $this->blue];
    }

    private static function linear(int $code): float
    {
        $v = $code / 255;

        return $v <= 0.04045 ? $v / 12.92 : (($v + 0.055) / 1.055) ** 2.4;
    }
}
