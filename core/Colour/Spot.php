<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * A round spot of a picture: its mean light, and how far its lightness spreads, in L* (standard deviation).
 *
 * Immutable.
 */
final readonly class Spot
{
    public function __construct(public Light $mean, public float $spread)
    {
    }

    /**
     * @param non-empty-list<array{int, int, int}> $pixels codes from 0 to 255
     */
    public static function of(array $pixels): self
    {
        $lights = array_map(static fn (array $p): Light => Light::ofCodes(...$p), $pixels);
        $count = \count($lights);
        $mean = new Light(array_sum(array_map(static fn (Light $l): float => $l->red, $lights)) / $count, array_sum(array_map(static fn (Light $l): float => $l->green, $lights)) / $count, array_sum(array_map(static fn (Light $l): float => $l->blue, $lights)) / $count);
        $lightness = array_map(static fn (Light $l): float => Lab::of($l->colour())->l, $lights);
        $middle = array_sum($lightness) / $count;

        return new self($mean, sqrt(array_sum(array_map(static fn (float $l): float => ($l - $middle) ** 2, $lightness)) / $count));
    }
}
