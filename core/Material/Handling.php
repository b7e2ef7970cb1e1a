<?php

declare(strict_types=1);

namespace Inlaid\Core\Material;

/**
 * How a material behaves once opened: how it dries and for how long it can be worked.
 *
 * Immutable. `openTime` and `potLife` in minutes, `lowestTemperature` in °C. `times` is null for what does not dry.
 */
final readonly class Handling
{
    private function __construct(
        public Dries $dries,
        public ?StatedTimes $times,
        public ?int $openTime,
        public ?int $potLife,
        public bool $rewets,
        public float $lowestTemperature,
    ) {
    }

    /** The same, that dries so many times as long. Open time, pot life and cure are what they are. */
    public function dryingIn(float $times): self
    {
        return new self(
            dries: $this->dries,
            times: $this->times?->dryingIn($times),
            openTime: $this->openTime,
            potLife: $this->potLife,
            rewets: $this->rewets,
            lowestTemperature: $this->lowestTemperature,
        );
    }

    /**
     * @throws InvalidMaterial if a time is negative or the temperature absurd
     */
    public static function of(
        Dries $dries,
        ?StatedTimes $times,
        ?int $openTime,
        ?int $potLife,
        bool $rewets,
        float $lowestTemperature,
    ): self {
        foreach (['Open time' => $openTime, 'Pot life' => $potLife] as $what => $minutes) {
            if (null !== $minutes && $minutes <= 0) {
                throw InvalidMaterial::outOfRange($what, 'more than 0 minutes');
            }
        }
        if ($lowestTemperature < -30.0 || $lowestTemperature > 40.0) {
            throw InvalidMaterial::outOfRange('The minimum temperature', 'between -30 and 40 °C');
        }

        return new self(
            dries: $dries,
            times: $times,
            openTime: $openTime,
            potLife: $potLife,
            rewets: $rewets,
            lowestTemperature: $lowestTemperature,
        );
    }
}
