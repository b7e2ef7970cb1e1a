<?php

declare(strict_types=1);

namespace Inlaid\Core\Drying;

use Inlaid\Core\Material\Dries;
use Inlaid\Core\Material\Handling;
use Inlaid\Core\Measure\ExactNumber;

/**
 * Predicts drying from the label's times, the air and the film.
 *
 * Label times hold at 21 °C, 50 % RH and one normal coat. Losing water: reference ÷ actual vapour-pressure deficit ×
 * (wet ÷ normal)^1.5, at least 0.5, times the air's movement. Oils: 2^((21 − T)/10) × damp. Spirits: 1.5^((21 − T)/10).
 * Setting: 2^((21 − T)/10). Cure follows temperature and chemistry alone; a fan does not shorten it. Open time goes by the film as it
 * is laid, not by what is left after wiping; warm, dry, moving air and a thin film shorten it. Typical figures: the label and the
 * painter's own log override them.
 */
final class PredictDrying
{
    public const LARGEST_FACTOR = 4.0;
    public const LARGEST_HUMIDITY = 85.0;
    public const ABOVE_DEW_POINT = 3.0;

    /**
     * @param float $ofNormal wet film that stays, against one normal coat
     * @param float $laid     wet film as it is laid, likewise
     *
     * @return Forecast|null null for what does not dry
     */
    public function predict(Handling $handling, Climate $climate, float $ofNormal = 1.0, float $laid = 1.0): ?Forecast
    {
        $times = $handling->times;
        if (null === $times) {
            return null;
        }
        $factor = $this->factor($handling->dries, $climate, $ofNormal);
        $cure = $this->cureFactor($handling->dries, $climate);
        $noPromise = $this->noPromise($handling, $climate, max($factor, $cure));
        if (null !== $noPromise) {
            $factor = $cure = null;
        }

        return new Forecast(
            factor: $factor,
            noPromise: $noPromise,
            stop: $this->stop($climate),
            touch: Span::wait($times->touch, $factor),
            recoat: Span::wait($times->recoat, $factor),
            through: Span::wait($times->through, $factor),
            cure: Span::wait($times->cure, $cure),
            recoatMost: null === $times->recoatMost ? null : Span::window($times->recoatMost, $cure),
            openTime: null === $handling->openTime
                ? null
                : Span::window($handling->openTime, null === $factor ? null : $this->openFactor($handling->dries, $climate, $laid)),
            potLife: null === $handling->potLife
                ? null
                : Span::window($handling->potLife, null === $factor ? null : 2 ** ((21 - $climate->temperature) / 10)),
        );
    }

    /**
     * How many times longer than on the label tack, recoat and through-drying take.
     */
    public function factor(Dries $dries, Climate $climate, float $ofNormal): float
    {
        $warmth = (21 - $climate->temperature) / 10;

        return match ($dries) {
            Dries::LosingWater => max(
                0.5,
                Climate::reference()->vapourPressureDeficit() / max(1e-6, $climate->vapourPressureDeficit()) * $ofNormal ** 1.5,
            ) * $climate->air->factor(),
            Dries::Oxidising => 2 ** $warmth * $this->damp($climate),
            Dries::LosingSpirit => 1.5 ** $warmth,
            Dries::Setting => 2 ** $warmth,
        };
    }

    /**
     * How many times longer than on the label what is laid can be worked.
     *
     * @param float $laid wet film as it is laid, against one normal coat
     */
    private function openFactor(Dries $dries, Climate $climate, float $laid): float
    {
        $air = Dries::LosingWater === $dries
            ? Climate::reference()->vapourPressureDeficit() / max(1e-6, $climate->vapourPressureDeficit()) * $climate->air->factor()
            : $this->factor($dries, $climate, 1.0);

        return $air * $laid ** 1.5;
    }

    /**
     * Hour by hour of a day, how many times longer than on the label it takes: till it is through-dry, and till it has cured; null in an
     * hour that promises nothing.
     *
     * @return array{list<float|null>, list<float|null>}
     */
    public function hourly(Handling $handling, DayCurve $curve, float $ofNormal): array
    {
        $both = $curve->each(function (Climate $climate) use ($handling, $ofNormal): array {
            $factors = [$this->factor($handling->dries, $climate, $ofNormal), $this->cureFactor($handling->dries, $climate)];

            return null === $this->noPromise($handling, $climate, max($factors)) ? $factors : [null, null];
        });

        return [array_column($both, 0), array_column($both, 1)];
    }

    private function cureFactor(Dries $dries, Climate $climate): float
    {
        return (Dries::LosingSpirit === $dries ? 1.5 : 2) ** ((21 - $climate->temperature) / 10);
    }

    /**
     * Oils take up oxygen more slowly in damp air; typical: half again as long at 100 % as at 50 %.
     */
    private function damp(Climate $climate): float
    {
        return 1 + max(0.0, $climate->humidity - 50) / 100;
    }

    private function noPromise(Handling $handling, Climate $climate, float $factor): ?string
    {
        return match (true) {
            self::isTooCold($handling, $climate) => \sprintf(
                '%s °C is below the %s °C minimum. Warm %s first.',
                ExactNumber::plain($climate->coldest(), 1),
                ExactNumber::plain($handling->lowestTemperature, 1),
                $climate->surface < $climate->temperature ? 'the piece' : 'the place',
            ),
            $climate->humidity > self::LARGEST_HUMIDITY => \sprintf(
                'At %s %% humidity drying is not predictable. Dry the air first.',
                ExactNumber::plain($climate->humidity, 1),
            ),
            $factor > self::LARGEST_FACTOR => \sprintf(
                'Too cold or humid to predict: over %s times the label time.',
                ExactNumber::plain(self::LARGEST_FACTOR, 1),
            ),
            default => null,
        };
    }

    private static function isTooCold(Handling $handling, Climate $climate): bool
    {
        return $climate->coldest() < $handling->lowestTemperature;
    }

    /** Can it be laid in such air at all: is it warm enough, and does no moisture form under it? */
    public function canBeLaid(Handling $handling, Climate $climate): bool
    {
        return !self::isTooCold($handling, $climate) && null === $this->stop($climate);
    }

    private function stop(Climate $climate): ?string
    {
        $above = $climate->surface - $climate->dewPoint();

        return $above < self::ABOVE_DEW_POINT
            ? \sprintf(
                'The surface is %s. Moisture can form under the coat. Warm it to %s °C, or dry the air.',
                $above > 0.0
                    ? \sprintf('only %s °C above the dew point', ExactNumber::plain(round($above, 1), 1))
                    : 'colder than the dew point',
                ExactNumber::plain(ceil(10 * ($climate->dewPoint() + self::ABOVE_DEW_POINT) - 1e-9) / 10, 1),
            )
            : null;
    }
}
