<?php

declare(strict_types=1);

namespace Inlaid\Core\Film;

/**
 * One coat where it lies.
 *
 * Immutable. `wet` as laid and `stays` after wiping, both µm of wet film; `dry` in µm; `ofNormal` what stays against one
 * normal coat of the label.
 */
final readonly class CoatFilm
{
    public function __construct(public float $wet, public float $stays, public float $dry, public float $ofNormal)
    {
    }

    /** What is laid dry, so many µm thick. */
    public static function dry(float $thickness): self
    {
        return new self(wet: $thickness, stays: $thickness, dry: $thickness, ofNormal: 1.0);
    }

    /** With a sheet of so many µm laid into it. */
    public function under(float $thickness): self
    {
        return new self(wet: $this->wet, stays: $this->stays, dry: $this->dry + $thickness, ofNormal: $this->ofNormal);
    }
}
