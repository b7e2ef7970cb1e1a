<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

use Inlaid\Core\Batch\Mixing;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Planning\Interval;
use Inlaid\Core\Planning\PlacedWork;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Planning\WorkKey;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Work\StepCalculation;

/**
 * Plans a recipe by itself over the working days: a bench with this one piece on it.
 */
final readonly class PlanAlone
{
    private const PIECE = 'piece';

    public function __construct(private PlanScenarios $scenarios = new PlanScenarios(), private WorksOfPiece $works = new WorksOfPiece())
    {
    }

    /**
     * @param list<StepCalculation> $works
     */
    public function plan(Recipe $recipe, array $works, Context $context): PlannedAlone
    {
        $piece = CalculatedPiece::of(
            new PieceToDo(id: self::PIECE, recipe: $recipe, air: $context->day(), notBefore: 0),
            $works,
            $context->working->zone,
        );
        $calendars = array_map(static fn (WorkingTime $t): Calendar => new Calendar($t, $context->now), $context->hands());
        $never = static fn (): bool => false;
        $planned = $this->scenarios->plan(pieces: [$piece], calendars: $calendars, context: $context, isOver: $never, isLate: $never);
        $placed = $planned->expected->placed ?? [];
        $steps = $piece->byStep();

        $starts = $ends = $cured = $coats = $warm = $chilled = [];
        $longest = [null, 0];
        $followed = $this->followed($placed);
        $closed = $this->closed($placed);
        foreach ($placed as $p) {
            $key = WorkKey::of($p->work);
            $step = $steps[$key->step];
            $waits = $piece->waits[$key->step];
            $lays = $this->works->lays($step);
            $side = $lays[$key->lay - 1]->side;
            $starts[$key->step][$side] ??= $p->begins();
            $ends[$key->step][$side] = max($ends[$key->step][$side] ?? 0, $p->end());
            $warm[$key->step] = $waits->hours?->inWords();
            $cold = $waits->chilledAfter($p->end(), $calendars[0]);
            $chilled[$key->step] = null === $cold ? $chilled[$key->step] ?? null : min($cold, $chilled[$key->step] ?? $cold);
            $cured[$key->step] = max(
                $cured[$key->step] ?? 0,
                $waits->until(WaitUntil::Cure)->over($p->end(), $calendars[0]),
            );
            $coats[] = [$coat, $next] = $this->coat(
                placed: $p,
                key: $key,
                step: $step,
                waits: $waits,
                lay: $lays[$key->lay - 1],
                then: $lays[$key->lay] ?? null,
                closed: $closed[$p->work->id] ?? null,
                calendar: $calendars[0],
                context: $context,
            );
            if (isset($followed[$p->work->id]) && $next - $p->end() > $longest[1]) {
                $longest = [$key->step, $next - $p->end()];
            }
        }
        $iso = static fn (?int $instant): ?string => null === $instant ? null : $context->working->iso($instant);
        $ready = [] === $works ? $context->now : $planned->ready(self::PIECE);
        $begin = [] === $placed ? 0 : $placed[0]->start();
        $end = max([0, ...array_map(static fn (PlacedWork $p): int => $p->end(), $placed)]);
        $plan = new PlanPreview(
            alone: true,
            from: $context->working->iso($context->now),
            coats: array_column($coats, 0),
            readyOn: $iso($ready),
            curedOn: $iso(null === $ready ? null : max([$ready, ...array_values($cured)])),
            handsOn: $planned->handsOn(),
            waiting: max(0, intdiv($end - $begin, 60) - $planned->handsOn()),
            longestWait: $longest[0],
            stuck: $planned->stuck[self::PIECE] ?? null,
            soonest: $planned->isOpen ? $iso($planned->soonest(self::PIECE)) : null,
            latest: $planned->isOpen ? $iso($planned->latest(self::PIECE)) : null,
        );

        return new PlannedAlone(
            starts: $starts,
            ends: $ends,
            cured: $cured,
            mixings: $this->mixings($placed),
            chilled: $chilled,
            warm: $warm,
            plan: $plan,
        );
    }

    /**
     * @param array{string, int}|null $closed the step whose recoat window it misses, and by how many minutes
     *
     * @return array{CoatPlan, int} and the instant from which what comes next may begin
     */
    private function coat(
        PlacedWork $placed,
        WorkKey $key,
        StepCalculation $step,
        StepWaits $waits,
        Lay $lay,
        ?Lay $then,
        ?array $closed,
        Calendar $calendar,
        Context $context,
    ): array {
        $iso = $context->working->iso(...);
        $rule = $waits->rule($key->coat, $step->rounds());
        $between = match (true) {
            null === $then => null,
            $then->pours => $waits->until(WaitUntil::Touch),
            default => $then->wait,
        };
        $next = ($between ?? $waits->until($rule))->over($placed->end(), $calendar);
        $overnight = null === $between && WaitUntil::Overnight === $rule;
        $least = ($between ?? $waits->until($overnight ? WaitUntil::Recoat : $rule))->over($placed->end(), $calendar) - $placed->end();

        return [new CoatPlan(
            stepId: $key->step,
            coat: $key->coat,
            stretches: array_map(static fn (Interval $i): TimeSlot => new TimeSlot($iso($i->start), $iso($i->end)), $placed->stretches),
            end: $iso($placed->end()),
            nextFrom: $iso($next),
            handsOn: $placed->work->minutes,
            leastWait: (int) ceil($least / 60),
            overnight: $overnight,
            tooLate: $lay->pours ? $closed[1] ?? 0 : 0,
            closed: $lay->pours ? $closed[0] ?? null : null,
            leftTooLong: $lay->pours ? 0 : $closed[1] ?? 0,
            lay: $key->lay,
            half: $lay->half,
            mixed: $placed->mixed,
            slakes: $placed->slakes(),
        ), $next];
    }

    /**
     * A step goes on with the pot of its coat before as long as that keeps.
     *
     * @param list<PlacedWork> $placed
     *
     * @return array<string, list<Mixing>> by step
     */
    private function mixings(array $placed): array
    {
        $minutes = $at = $shares = [];
        $pouring = array_values(array_filter($placed, static fn (PlacedWork $p): bool => null !== $p->work->pot));
        foreach ($pouring as $p) {
            $key = WorkKey::of($p->work);
            $minutes[$key->step][$key->coat] = ($minutes[$key->step][$key->coat] ?? 0) + $p->work->minutes;
        }
        foreach ($pouring as $p) {
            $key = WorkKey::of($p->work);
            if ($p->mixed || !isset($at[$key->step])) {
                $at[$key->step][] = $p->mixed ? $p->start() : null;
            }
            $last = array_key_last($at[$key->step]);
            $shares[$key->step][$last][$key->coat] = ($shares[$key->step][$last][$key->coat] ?? 0.0)
                + $p->work->minutes / $minutes[$key->step][$key->coat];
        }
        $mixings = [];
        foreach ($at as $step => $instants) {
            $mixings[$step] = array_map(
                static fn (?int $instant, int $i): Mixing => new Mixing($instant, $shares[$step][$i]),
                $instants,
                array_keys($instants),
            );
        }

        return $mixings;
    }

    /**
     * What something else comes after.
     *
     * @param list<PlacedWork> $placed
     *
     * @return array<string, true> by work
     */
    private function followed(array $placed): array
    {
        $followed = [];
        foreach ($placed as $p) {
            foreach ($p->work->links as $link) {
                $followed[$link->after] = true;
            }
        }

        return $followed;
    }

    /**
     * Coats that come when the window of the one before has closed.
     *
     * @param list<PlacedWork> $placed
     *
     * @return array<string, array{string, int}> by work the step before, and by how many minutes
     */
    private function closed(array $placed): array
    {
        $ends = $closed = [];
        foreach ($placed as $p) {
            $ends[$p->work->id] = $p;
        }
        foreach ($placed as $p) {
            foreach ($p->work->links as $link) {
                $late = null === $link->most ? 0 : intdiv($p->begins() - $ends[$link->after]->end() - 60 * $link->most, 60);
                if ($late > ($closed[$p->work->id][1] ?? 0)) {
                    $closed[$p->work->id] = [WorkKey::of($ends[$link->after]->work)->step, $late];
                }
            }
        }

        return $closed;
    }
}
