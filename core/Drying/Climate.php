<?php

declare(strict_types=1);

namespace Inlaid\Core\Drying;

/**
 * The air around a piece.
 *
 * Immutable. Temperatures in °C, humidity in % relative; vapour pressures in hPa by Magnus' formula with the constants
 * 6.112 hPa, 17.62 and 243.12 °C (WMO, over water, -45 … 60 °C).
 */
final readonly class Climate
{
    private function __construct(public float $temperature, public float $humidity, public Air $air, public float $surface)
    {
    }

    /**
     * @param float|null $surface temperature of the piece itself; the air's where unknown
     *
     * @throws InvalidClimate if no workshop has such air
     */
    public static function of(float $temperature, float $humidity, Air $air = Air::Still, ?float $surface = null): self
    {
        foreach ([$temperature, $surface ?? $temperature] as $t) {
            if (!is_finite($t) || $t < -30.0 || $t > 60.0) {
                throw InvalidClimate::temperature();
            }
        }
        if (!is_finite($humidity) || $humidity < 1.0 || $humidity > 100.0) {
            throw InvalidClimate::humidity();
        }

        return new self(temperature: $temperature, humidity: $humidity, air: $air, surface: $surface ?? $temperature);
    }

    /** Heated to a temperature, where it is colder: the same water is in it, so it is drier. */
    public function warmedTo(float $temperature): self
    {
        return $this->temperature >= $temperature
            ? $this
            : self::of(
                temperature: $temperature,
                humidity: max(1.0, min(100.0, 100 * $this->vapourPressure() / self::saturation($temperature))),
                air: $this->air,
                surface: max($temperature, $this->surface),
            );
    }

    public function moved(Air $air): self
    {
        return new self(temperature: $this->temperature, humidity: $this->humidity, air: $air, surface: $this->surface);
    }

    /**
     * The air all labels speak of: 21 °C, 50 % RH, still.
     */
    public static function reference(): self
    {
        return new self(temperature: 21.0, humidity: 50.0, air: Air::Still, surface: 21.0);
    }

    /**
     * How much more water the air would take, in hPa.
     */
    public function vapourPressureDeficit(): float
    {
        return self::saturation($this->temperature) * (1 - $this->humidity / 100);
    }

    /** How much water is in the air, in hPa. */
    public function vapourPressure(): float
    {
        return self::saturation($this->temperature) * $this->humidity / 100;
    }

    /** °C of the air or of the piece, whichever is colder. */
    public function coldest(): float
    {
        return min($this->temperature, $this->surface);
    }

    public function dewPoint(): float
    {
        $x = log($this->humidity / 100) + 17.62 * $this->temperature / (243.12 + $this->temperature);

        return 243.12 * $x / (17.62 - $x);
    }

    /** How much water the air can hold, in hPa. */
    public static function saturation(float $temperature): float
    {
        return 6.112 * exp(17.62 * $temperature / (243.12 + $temperature));
    }
}
