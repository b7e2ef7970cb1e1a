<?php

declare(strict_types=1);

namespace Inlaid\Core\Drying;

/**
 * The air of a place through a day, hour by hour; every day alike.
 *
 * Immutable. Warmest at three in the afternoon and coldest at three at night, along a cosine; what water is in the air stays the same, so that cold hours are damp ones.
 */
final readonly class DayCurve
{
    private const WARMEST_HOUR = 15;
    /** Air that is cooled further lets water go: mist, not more humidity. */
    private const DAMPEST = 98.0;

    /**
     * @param non-empty-list<Climate> $hours 24 of them, from midnight
     */
    private function __construct(public array $hours)
    {
    }

    /** The same at all hours. */
    public static function steady(Climate $climate): self
    {
        return new self(array_fill(0, 24, $climate));
    }

    /**
     * @param float $humidity % at the mean of both temperatures
     *
     * @throws ClimateRefusal if no workshop has such air
     */
    public static function between(float $coldest, float $warmest, float $humidity, Air $air = Air::Still): self
    {
        if ($coldest > $warmest) {
            throw ClimateRefusal::coldestIsWarmer();
        }
        $mean = ($coldest + $warmest) / 2;
        $water = Climate::of($mean, $humidity)->vapourPressure();

        return new self(array_map(static function (int $hour) use ($mean, $warmest, $water, $air): Climate {
            $t = $mean + ($warmest - $mean) * cos(2 * \M_PI * ($hour + 0.5 - self::WARMEST_HOUR) / 24);

            return Climate::of($t, max(1.0, min(self::DAMPEST, 100 * $water / Climate::saturation($t))), $air);
        }, range(0, 23)));
    }

    /**
     * With other air in every hour.
     *
     * @param \Closure(Climate): Climate $do
     */
    public function with(\Closure $do): self
    {
        return new self(array_map($do, $this->hours));
    }

    /**
     * What was measured, hour by hour; an hour of which nothing is known is as the one before it.
     *
     * @param array<int, Climate> $measured by hour
     */
    public static function measured(array $measured, Climate $otherwise): self
    {
        $hours = [];
        $last = [] === $measured ? $otherwise : $measured[max(array_keys($measured))];
        for ($hour = 0; $hour < 24; ++$hour) {
            $hours[] = $last = $measured[$hour] ?? $last;
        }

        return new self($hours);
    }
}
