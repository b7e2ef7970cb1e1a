<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

use Inlaid\Core\Drying\DayCurve;
use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Planning\Work;
use Inlaid\Core\Planning\WorkKey;
use Inlaid\Core\Practice\PersonalFactors;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Schedule\PieceToDo;
use Inlaid\Core\Schedule\StepWaits;
use Inlaid\Core\Work\StepCalculation;

/**
 * What a run tells of this painter's own figures, each as what was observed against what is reckoned: how long works took, how long coats
 * dried,
 * how much was poured.
 *
 * Only ends that were seen are observed. That the next coat was begun says that the one below was dry by then, not since when: a wait slept
 * through tells nothing.
 */
final readonly class ObserveRun
{
    /**
     * @param list<StepCalculation> $works with typical figures
     * @param list<Work>            $acts  all there was to do
     *
     * Of techniques their pace, of materials their drying, of both the amount
     *
     * @return array{list<Observed>, list<Observed>, list<Observed>}
     */
    public function observe(PieceToDo $piece, array $works, array $acts, RunState $state, Calendar $calendar, \DateTimeZone $zone): array
    {
        $minutes = array_column(array_map(static fn (Work $w): array => [(string) WorkKey::of($w), $w->minutes], $acts), 1, 0);
        $paces = $drying = $amounts = [];
        foreach ($works as $work) {
            $step = $work->step;
            $main = $work->mix?->main()?->id;
            $coats = [];
            $last = 0;
            foreach ($state->works as $key => $done) {
                if ($done->step !== $step->id || null === $done->finished) {
                    continue;
                }
                $coats[$done->coat] = true;
                $last = max($last, $done->finished);
                if (null === $step->detail->handsOn && null !== $done->started && ($minutes[$key] ?? 0) > 0) {
                    $paces[] = new Observed(
                        of: PersonalFactors::paceOf($step->technique->key(), $step->detail->tool?->value),
                        typical: $minutes[$key],
                        seen: ($done->finished - $done->started) / 60,
                        at: $done->finished,
                    );
                }
                if (null !== $main && null !== $done->dried) {
                    $waits = StepWaits::of($work, $this->air($piece->air, $state, $done->finished), $zone);
                    $until = $waits->until(WaitUntil::Recoat)->over($done->finished, $calendar);
                    $until > $done->finished && $drying[] = new Observed(
                        of: $main,
                        typical: ($until - $done->finished) / 60,
                        seen: ($done->dried - $done->finished) / 60,
                        at: $done->dried,
                    );
                }
            }
            $poured = $state->poured[$step->id] ?? 0.0;
            $need = $work->poured()->toFloat();
            if (null !== $main && $poured > 0.0 && $need > 0.0 && \count($coats) === $work->rounds()) {
                $amounts[] = new Observed(
                    of: PersonalFactors::amountOf($main, $step->technique->key()),
                    typical: $need,
                    seen: $poured,
                    at: $last,
                );
            }
        }

        return [$paces, $drying, $amounts];
    }

    /** As it was noted last before then, else as it usually is where the piece stands. */
    private function air(DayCurve $usual, RunState $state, int $at): DayCurve
    {
        $air = $usual;
        foreach ($state->air as [$when, $climate]) {
            $air = $when <= $at ? DayCurve::steady($climate) : $air;
        }

        return $air;
    }
}
