<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

use Inlaid\Core\Context\Context;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Planning\Work;
use Inlaid\Core\Planning\WorkKey;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\StepCalculation;

/**
 * Compares a run as it was made with its plan: what was left out or done more or less often, how long hands were on it, how much was
 * poured, what came too soon, in what order.
 *
 * Only what was noted is compared; time between two coats only where it was too short, for one may always wait longer.
 */
final readonly class CompareRun
{
    /** Less than this is no difference: a share, and minutes. */
    private const SHARE = 0.1;
    private const MINUTES = 5;
    /** Air that is so much off is other air: °C, and % of humidity. */
    private const WARMER = 2.0;
    private const DAMPER = 10.0;

    public function __construct(private CompareColours $colours = new CompareColours())
    {
    }

    /**
     * @param list<StepCalculation> $works
     * @param list<Work>            $acts  all there was to do
     */
    public function compare(Recipe $recipe, array $works, array $acts, RunState $state, bool $finished, Context $context): AsMadePreview
    {
        $deviations = [...$this->air($state, $context), ...$this->changes($recipe, $state)];
        $steps = [];
        $costPlanned = $costMade = 0.0;
        $planned = $timed = $minutesPlanned = $minutesMade = 0;
        $mlPlanned = $mlPoured = 0.0;
        $minutes = [];
        foreach ($acts as $act) {
            $key = WorkKey::of($act);
            $minutes[$key->step][(string) $key] = $act->minutes;
        }
        $reached = $this->colours->compare($recipe, $works, $state);
        foreach ($works as $work) {
            if ($work->step->isFurtherColour()) {
                continue; // noted with the blend
            }
            $id = $work->step->id;
            $done = array_values(array_filter($state->works, static fn (WorkDone $w): bool => $w->step === $id && null !== $w->finished));
            $own = $minutes[$id] ?? [];
            $with = array_values(array_filter($done, static fn (WorkDone $w): bool => null !== $w->started && isset($own[$w->key()])));
            $should = array_sum(array_map(static fn (WorkDone $w): int => $own[$w->key()], $with));
            $took = array_sum(array_map(self::minutes(...), $with));
            $planned += \count($own);
            $timed += \count($with);
            $minutesPlanned += $should;
            $minutesMade += $took;
            if (isset($state->poured[$id])) {
                $mlPlanned += $work->poured()->toFloat();
                $mlPoured += $state->poured[$id];
                $price = $work->mix?->pricePerMl;
                [$costPlanned, $costMade] = null === $price || null === $costPlanned
                    ? [null, null]
                    : [$costPlanned + $price * $work->poured()->toFloat(), $costMade + $price * $state->poured[$id]];
            }
            $seen = array_values(array_filter(
                $state->notes,
                static fn (Event $e): bool => $e->step === $id && null !== $e->colour,
            ));
            $steps[] = new StepRecord(
                step: $id,
                name: $work->step->name(),
                coats: \count(array_unique(array_map(static fn (WorkDone $w): int => $w->coat, $done))),
                minutes: [] === $with ? null : $took,
                planned: [] === $with ? null : $should,
                ml: $state->poured[$id] ?? null,
                colours: array_values(array_filter(array_map(static fn (Event $e): ?string => $e->colour?->hex, $seen))),
                expected: ($reached[$id] ?? null)?->expected->hex,
                apart: ($reached[$id] ?? null)?->apart->inWords,
            );
            array_push(
                $deviations,
                ...$this->often(work: $work, done: $done, state: $state, finished: $finished),
                ...$this->time(work: $work, with: $with, should: $should, took: $took),
                ...$this->amount($work, $state),
                ...$this->tooSoon($work, $done),
                ...self::colour($reached[$id] ?? null),
            );
        }
        array_push($deviations, ...$this->order($works, $state));
        $starts = array_map(static fn (WorkDone $w): int => $w->started ?? $w->finished ?? 0, $state->works);
        $ends = array_filter(
            array_map(static fn (WorkDone $w): ?int => $w->finished, $state->works),
            static fn (?int $at): bool => null !== $at,
        );

        return new AsMadePreview(
            works: $planned,
            done: \count($state->done()),
            timed: $timed,
            minutesPlanned: $minutesPlanned,
            minutesMade: $minutesMade,
            mlPlanned: round($mlPlanned, 1),
            mlPoured: round($mlPoured, 1),
            costPlanned: self::money($costPlanned, $minutesPlanned, $context),
            costMade: self::money($costMade, $minutesMade, $context),
            begun: [] === $starts ? null : $context->working->iso(min($starts)),
            ended: [] === $ends ? null : $context->working->iso(max($ends)),
            steps: $steps,
            deviations: $deviations,
        );
    }

    /**
     * What was decided at the bench; planned so it is in the recipe too.
     *
     * @return list<Deviation>
     */
    private function changes(Recipe $recipe, RunState $state): array
    {
        $steps = $recipe->stepsById();
        $name = static fn (?string $id): string => ($steps[$id ?? ''] ?? null)?->name() ?? 'the end';
        $found = [];
        foreach ($state->changes as $change) {
            $step = (string) $change->step;
            [$words, $edits] = match ($change->kind) {
                EventKind::More => ['one extra coat', [Edit::change($step, StepChange::coats($steps[$step]->coats ?? 1))]],
                EventKind::Mix => [\sprintf('with the mix of “%s”', $name($change->of)), []],
                EventKind::Insert => [\sprintf('repeated before “%s”', $name($change->before)), [Edit::copy($step, $change->before)]],
                EventKind::Improvised => [
                    \sprintf('not planned, before “%s”', $name($this->planned($recipe, $change->before))),
                    [Edit::improvise((string) $change->does, $this->planned($recipe, $change->before))],
                ],
                EventKind::Otherwise => [
                    'hand, share or tool changed',
                    Event::isImprovised($step) ? [] : [Edit::otherwise($step, (string) $change->does)],
                ],
                default => ['not done after the last pass: fallback step used', []],
            };
            $own = EventKind::Improvised === $change->kind ? Event::improvised($change->id) : $step;
            $found[] = new Deviation(key: "changed-$change->id", step: $own, name: $name($own), words: $words, edits: $edits);
        }

        return $found;
    }

    /** The next step from there on that was planned. */
    private function planned(Recipe $recipe, ?string $from): ?string
    {
        $there = false;
        foreach ($recipe->steps as $step) {
            $there = $there || $step->id === $from;
            if ($there && !Event::isImprovised($step->id)) {
                return $step->id;
            }
        }

        return null;
    }

    /** Of what was noted: material, and hands where an hour of them has a price. */
    private static function money(?float $material, int $minutes, Context $context): ?float
    {
        return null === $material ? null : round($material + $minutes / 60 * ($context->rate ?? 0.0), 2);
    }

    /**
     * @return list<Deviation>
     */
    private function air(RunState $state, Context $context): array
    {
        if ([] === $state->air) {
            return [];
        }
        $count = \count($state->air);
        $warm = array_sum(array_map(static fn (array $a): float => $a[1]->temperature, $state->air)) / $count;
        $damp = array_sum(array_map(static fn (array $a): float => $a[1]->humidity, $state->air)) / $count;
        $usual = $context->climate;
        if (abs($warm - $usual->temperature) < self::WARMER && abs($damp - $usual->humidity) < self::DAMPER) {
            return [];
        }
        $air = static fn (float $t, float $h): string => \sprintf('%s °C and %s %%', ExactNumber::plain($t, 1), ExactNumber::plain($h, 0));

        return [new Deviation(
            key: 'air',
            step: '',
            name: 'Climate',
            words: \sprintf('%s (planned %s)', $air($warm, $damp), $air($usual->temperature, $usual->humidity)),
        )];
    }

    /**
     * @return list<Deviation>
     */
    private static function colour(?SeenColour $seen): array
    {
        return null === $seen || $seen->apart->deltaE < 1
            ? []
            : [new Deviation(
                key: "colour-$seen->step",
                step: $seen->step,
                name: $seen->name,
                words: \sprintf(
                    'colour %s%s, expected %s: %s',
                    $seen->seen->hex,
                    Zone::Field === $seen->zone ? '' : ' on '.$seen->zone->inWords(),
                    $seen->expected->hex,
                    $seen->apart->inWords,
                ),
            )];
    }

    /**
     * @param list<WorkDone> $done
     *
     * @return list<Deviation>
     */
    private function often(StepCalculation $work, array $done, RunState $state, bool $finished): array
    {
        $step = $work->step;
        if (isset($state->skipped[$step->id])) {
            return [new Deviation(
                key: "skipped-$step->id",
                step: $step->id,
                name: $step->name(),
                words: 'skipped',
                edits: [Edit::takeOut($step->id)],
            )];
        }
        $coats = \count(array_unique(array_map(static fn (WorkDone $w): int => $w->coat, $done)));
        if (!$finished || $coats === $work->rounds() || 0 === $work->rounds()) {
            return [];
        }

        return [new Deviation(
            key: "coats-$step->id",
            step: $step->id,
            name: $step->name(),
            words: 0 === $coats
                ? 'not marked done'
                : \sprintf('%s (planned %s)', StepRecord::times($coats), StepRecord::times($work->rounds())),
            edits: 0 === $coats || null !== $step->repeat ? [] : [Edit::change($step->id, StepChange::coats($coats))],
        )];
    }

    /**
     * @param list<WorkDone> $with of which beginning and end were noted
     *
     * @return list<Deviation>
     */
    private function time(StepCalculation $work, array $with, int $should, int $took): array
    {
        if ([] === $with || abs($took - $should) < max(self::MINUTES, self::SHARE * $should)) {
            return [];
        }
        // A coat in two halves is one coat.
        $each = (int) max(
            1,
            round($took / max(1, \count(array_unique(array_map(static fn (WorkDone $w): int => $w->coat, $with))))),
        ) - ($work->masking->minutes ?? 0);

        return [new Deviation(
            key: "time-{$work->step->id}",
            step: $work->step->id,
            name: $work->step->name(),
            words: \sprintf('%d min hands-on (planned %d)', $took, $should),
            edits: $each < 1 ? [] : [
                Edit::change($work->step->id, StepChange::handsOn(max(1, $each - $work->handsOn + $work->hands->minutes))),
            ],
        )];
    }

    /**
     * @return list<Deviation>
     */
    private function amount(StepCalculation $work, RunState $state): array
    {
        $poured = $state->poured[$work->step->id] ?? null;
        $need = $work->poured()->toFloat();
        if (null === $poured || $need <= 0.0 || abs($poured / $need - 1) < self::SHARE) {
            return [];
        }

        return [new Deviation(
            key: "poured-{$work->step->id}",
            step: $work->step->id,
            name: $work->step->name(),
            words: \sprintf(
                '%s ml poured (planned %s): %d %% %s',
                ExactNumber::plain($poured, 0),
                ExactNumber::plain($need, 0),
                abs((int) round(100 * ($poured / $need - 1))),
                $poured > $need ? 'more' : 'less',
            ),
        )];
    }

    /**
     * @param list<WorkDone> $done
     *
     * @return list<Deviation>
     */
    private function tooSoon(StepCalculation $work, array $done): array
    {
        $recoat = $work->drying?->recoat->planned;
        $ends = [];
        foreach ($done as $w) {
            $ends[$w->coat] = max($ends[$w->coat] ?? 0, (int) $w->finished);
        }
        foreach ($done as $w) {
            $before = $ends[$w->coat - 1] ?? null;
            if (
                null !== $recoat
                && null !== $before
                && null !== $w->started
                && $w->started >= $before
                && $w->started - $before < 60 * ($recoat - self::MINUTES)
                && Effect::Adds === $work->step->profile->effect
            ) {
                return [new Deviation(
                    key: "soon-{$work->step->id}",
                    step: $work->step->id,
                    name: $work->step->name(),
                    words: \sprintf('coat %d after %d min (planned %d)', $w->coat, intdiv($w->started - $before, 60), $recoat),
                )];
            }
        }

        return [];
    }

    /**
     * The first step that was begun before one that stands before it.
     *
     * @param list<StepCalculation> $works
     *
     * @return list<Deviation>
     */
    private function order(array $works, RunState $state): array
    {
        $begun = [];
        foreach ($state->works as $w) {
            $begun[$w->step] = min($begun[$w->step] ?? \PHP_INT_MAX, $w->started ?? $w->finished ?? \PHP_INT_MAX);
        }
        $latest = null;
        foreach ($works as $work) {
            $at = $begun[$work->step->id] ?? null;
            if (null === $at) {
                continue;
            }
            if (null !== $latest && $at < $latest[1]) {
                return [new Deviation(
                    key: "order-{$work->step->id}",
                    step: $work->step->id,
                    name: $work->step->name(),
                    words: \sprintf('done before “%s” (planned after it)', $latest[0]->step->name()),
                    edits: [Edit::move($work->step->id, $latest[0]->step->id)],
                )];
            }
            $latest = [$work, $at];
        }

        return [];
    }

    private static function minutes(WorkDone $w): int
    {
        return (int) round(((int) $w->finished - (int) $w->started) / 60);
    }
}
