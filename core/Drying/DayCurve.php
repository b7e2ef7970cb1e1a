<?php

declare(strict_types=1);

namespace Inlaid\Core\Drying;

/**
 * The air of a place through a day, hour by hour; every day alike.
 *
 * Immutable. Warmest at three in the afternoon and coldest at three at night, along a cosine; what water is in the air stays the same, so
 * that cold hours are damp ones.
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

    /**
     * As it was measured, hour by hour from midnight; null where there are not 24.
     *
     * @param list<Climate> $hours
     */
    public static function measured(array $hours): ?self
    {
        return [] === $hours || 24 !== \count($hours) ? null : new self($hours);
    }

    /** The same at all hours. */
    public static function steady(Climate $climate): self
    {
        return new self(array_fill(0, 24, $climate));
    }

    /**
     * @param float $humidity % at the mean of both temperatures
     *
     * @throws InvalidClimate if no workshop has such air
     */
    public static function between(float $coldest, float $warmest, float $humidity, Air $air = Air::Still): self
    {
        if ($coldest > $warmest) {
            throw InvalidClimate::coldestIsWarmer();
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
     * With what was measured in its place; hours of which nothing is known keep their own.
     *
     * @param array<int, Climate> $measured by hour
     */
    public function corrected(array $measured): self
    {
        return new self(array_map(static fn (Climate $own, int $hour): Climate => $measured[$hour] ?? $own, $this->hours, range(0, 23)));
    }

    /**
     * What follows from the air of each hour; once where it is the same.
     *
     * @template T
     *
     * @param \Closure(Climate): T $of
     *
     * @return non-empty-list<T>
     */
    public function each(\Closure $of): array
    {
        $known = $each = [];
        foreach ($this->hours as $climate) {
            $key = spl_object_id($climate);
            if (!\array_key_exists($key, $known)) {
                $known[$key] = $of($climate);
            }
            $each[] = $known[$key];
        }

        return $each;
    }

    /** The air by day, with which a step is worked out that may be done at any hour of work. */
    public function noon(): Climate
    {
        return $this->hours[12];
    }

    /**
     * The air at a moment: between the middles of two hours.
     *
     * @param int $local seconds since midnight of the place, or any such instant
     */
    public function at(int $local): Climate
    {
        $hours = ($local % 86_400) / 3600 - 0.5;
        $share = $hours - floor($hours);
        [$one, $other] = [$this->hours[((int) floor($hours) + 24) % 24], $this->hours[((int) floor($hours) + 25) % 24]];
        $between = static fn (float $a, float $b): float => $a + $share * ($b - $a);

        return Climate::of($between($one->temperature, $other->temperature), $between($one->humidity, $other->humidity), $one->air);
    }
}
