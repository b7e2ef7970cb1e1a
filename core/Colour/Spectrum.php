<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * What is reflected of the light, in 36 bands of 10 nm from 380 to 730 nm: 0 is nothing, 1 all of it.
 *
 * Immutable.
 */
final readonly class Spectrum
{
    /**
     * @param non-empty-list<float> $bands
     */
    private function __construct(public array $bands)
    {
    }

    /**
     * @param list<float> $bands 36 shares
     */
    public static function of(array $bands): self
    {
        return Observer::BANDS === \count($bands) ? new self($bands) : throw new \LogicException('A spectrum needs 36 bands.');
    }

    /** The same in every band. */
    public static function even(float $share): self
    {
        return new self(array_fill(0, Observer::BANDS, $share));
    }

    /** What it is to the eye: linear sRGB, which a vivid spectrum may leave. */
    public function light(): Light
    {
        $rgb = [];
        foreach (Observer::WEIGHTS as $row) {
            $sum = 0.0;
            foreach ($row as $i => $weight) {
                $sum += $weight * $this->bands[$i];
            }
            $rgb[] = $sum;
        }

        return new Light(...$rgb);
    }

    public function lab(): Lab
    {
        return Lab::ofLight($this->light());
    }
}
