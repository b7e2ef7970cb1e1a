<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * A round spot of a picture: its mean light, and how far its colours spread around it, in L*a*b* (root mean square).
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
        $mean = Light::mean($lights);
        $labs = array_map(static fn (Light $l): Lab => Lab::of($l->colour()), $lights);
        $middle = Lab::of($mean->colour());

        return new self(
            $mean,
            sqrt(array_sum(array_map(static fn (Lab $l): float => $l->distance($middle) ** 2, $labs)) / \count($labs)),
        );
    }
}
