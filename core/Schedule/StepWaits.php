<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Drying\DayCurve;
use Inlaid\Core\Drying\PredictDrying;
use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Planning\Drying;
use Inlaid\Core\Planning\HoursOfDay;
use Inlaid\Core\Planning\Minutes;
use Inlaid\Core\Planning\Wait;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Work\StepCalculation;

/**
 * How long a coat of a step dries in the air of a place, hour by hour, and what its recipe lets pass before the next: the one reader of
 * what a wait means.
 *
 * Immutable. `hours` in which alone it can be laid, null for any.
 */
final readonly class StepWaits
{
    /**
     * @param array<string, Wait> $waits by what it is waited for
     */
    private function __construct(
        private StepCalculation $work,
        private array $waits,
        public ?HoursOfDay $hours = null,
        private ?DayCurve $air = null,
        private ?\DateTimeZone $zone = null,
    ) {
    }

    public static function of(StepCalculation $work, DayCurve $air, \DateTimeZone $zone): self
    {
        $waits = array_fill_keys(array_map(static fn (WaitUntil $u): string => $u->value, WaitUntil::cases()), new Minutes(0));
        $waits[WaitUntil::Minutes->value] = new Minutes((int) $work->step->wait->minutes);
        $waits[WaitUntil::Overnight->value] = new Minutes(0, true);
        $handling = $work->character?->handling;
        $times = $handling?->times;
        if (null === $handling || null === $times || null === $work->drying) {
            return new self($work, $waits);
        }
        $predict = new PredictDrying();
        [$drying, $cure] = $predict->hourly($handling, $air, $work->film->ofNormal ?? 1.0);
        $waits[WaitUntil::Touch->value] = new Drying($times->touch, $drying, $zone);
        $waits[WaitUntil::Recoat->value] = new Drying($times->recoat, $drying, $zone);
        $waits[WaitUntil::Overnight->value] = new Drying(stated: $times->recoat, factors: $drying, zone: $zone, overnight: true);
        $waits[WaitUntil::Through->value] = new Drying($times->through, $drying, $zone);
        $waits[WaitUntil::Cure->value] = new Drying($times->cure, $cure, $zone);

        $hours = new HoursOfDay($air->each(static fn (Climate $c): bool => $predict->canBeLaid($handling, $c)), $zone);

        return new self(work: $work, waits: $waits, hours: $hours->areAll() ? null : $hours, air: $air, zone: $zone);
    }

    public function until(WaitUntil $until): Wait
    {
        return $this->waits[$until->value];
    }

    /** What is waited for after a coat: the next one of the same step needs it dry enough, the next step what the recipe says. */
    public function rule(int $coat, int $coats): WaitUntil
    {
        return $coat < $coats ? WaitUntil::Recoat : $this->work->step->wait->until;
    }

    /** Is there an hour of the day in which it can be laid? */
    public function canBeLaid(): bool
    {
        return $this->hours?->areAny() ?? true;
    }

    /**
     * The °C, below what it needs at least, that the place falls to before what was laid can be recoated; null where it stays warm enough.
     */
    public function chilledAfter(int $laid, Calendar $calendar): ?float
    {
        $least = $this->work->character?->handling->lowestTemperature;
        if (null === $this->hours || null === $this->air || null === $this->zone || null === $least) {
            return null;
        }
        $coldest = $least;
        $dry = min($this->until(WaitUntil::Recoat)->over($laid, $calendar), $laid + 86_400);
        $shift = (new \DateTimeImmutable('@'.$laid))->setTimezone($this->zone)->getOffset();
        for ($at = $laid; $at < $dry; $at += 1_800) {
            $coldest = min($coldest, $this->air->at($at + $shift)->coldest());
        }

        return $coldest < $least ? $coldest : null;
    }

    /** Is there for everything an hour of the day in which it dries? */
    public function everDries(): bool
    {
        foreach ($this->waits as $wait) {
            if ($wait instanceof Drying && !$wait->everDries()) {
                return false;
            }
        }

        return true;
    }
}
