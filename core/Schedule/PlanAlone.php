<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

use Inlaid\Core\Context\Context;
use Inlaid\Core\Drying\Forecast;
use Inlaid\Core\Planning\Interval;
use Inlaid\Core\Planning\Operation;
use Inlaid\Core\Planning\Placed;
use Inlaid\Core\Planning\PlanInOrder;
use Inlaid\Core\Recipe\Scenario;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Work\StepCalculation;

/**
 * Plans a recipe by itself over the working days: every coat an operation, with the waits the recipe asks for.
 */
final readonly class PlanAlone
{
    public function __construct(private PlanInOrder $planner = new PlanInOrder())
    {
    }

    /**
     * @param list<StepCalculation> $works
     */
    public function plan(array $works, Context $context): PlannedAlone
    {
        $iso = $context->working->iso(...);
        $expected = $this->course($works, $context, Scenario::Expected);
        $open = [] !== array_filter($works, static fn (StepCalculation $w): bool => $w->isOpen());
        $starts = $ends = [];
        foreach ($expected->placed as $p) {
            $starts[$p->operation->stepId] ??= $p->start();
            $ends[$p->operation->stepId] = $p->end();
        }
        [$first, $last] = [$expected->placed[0] ?? null, $expected->placed[\count($expected->placed) - 1] ?? null];

        return new PlannedAlone($starts, $ends, $expected->curedBy(), new PlanPreview(
            true,
            $iso($context->now),
            array_map(fn (Placed $p): CoatPlan => $this->coat($p, $iso), $expected->placed),
            null === $expected->stuck ? $iso($expected->ready()) : null,
            null === $expected->stuck ? $iso($expected->cured()) : null,
            $expected->handsOn,
            null === $first || null === $last ? 0 : intdiv($last->end() - $first->start(), 60) - $expected->handsOn,
            $expected->longestWait(),
            $expected->stuck,
            $open ? $this->end($this->course($works, $context, Scenario::Least), $iso) : null,
            $open ? $this->end($this->course($works, $context, Scenario::Most), $iso) : null,
        ));
    }

    /**
     * @param \Closure(int): string $iso
     */
    private function end(PlacedCourse $course, \Closure $iso): PlanEnd
    {
        return new PlanEnd(null === $course->stuck ? $iso($course->ready()) : null, null === $course->stuck ? $iso($course->cured()) : null, $course->handsOn);
    }

    /**
     * @param list<StepCalculation> $works
     */
    private function course(array $works, Context $context, Scenario $course): PlacedCourse
    {
        [$operations, $forecasts, $stuck] = $this->operations($works, $course);
        $placed = $this->planner->plan($operations, $context->working, $context->now);
        if (\count($placed) < \count($operations)) {
            $stuck = \sprintf('"%s" would not be done within %d years at these working hours.', $this->nameOf($operations[\count($placed)], $works), PlanInOrder::MOST_YEARS);
        }

        return new PlacedCourse($placed, $forecasts, $stuck, array_sum(array_map(static fn (Operation $o): int => $o->handsOn, $operations)), $context->now);
    }

    /**
     * @param list<StepCalculation> $works
     *
     * @return array{list<Operation>, list<Forecast|null>, string|null} the operations up to the first without a promise, and why it ends there
     */
    private function operations(array $works, Scenario $course): array
    {
        $operations = $forecasts = [];
        $works = array_values(array_filter($works, static fn (StepCalculation $w): bool => $w->rounds($course) > 0));
        foreach ($works as $w => $work) {
            $coats = $work->rounds($course);
            for ($coat = 1; $coat <= $coats; ++$coat) {
                $between = $coat < $coats;
                $rule = $between ? WaitUntil::Recoat : $work->step->wait->until;
                $wait = $work->leastWait($rule);
                $recoats = $between || Effect::Adds === ($works[$w + 1] ?? null)?->step->technique->figures()->act;
                $after = $work->otherSide();
                $before = 1 === $coat ? $work->masking->minutes ?? 0 : 0;
                if ($after > 0) {
                    $operations[] = new Operation($work->step->id, $coat, $before + $work->handsOn - $after, $work->drying->touch->planned ?? 0);
                    $forecasts[] = $work->drying;
                }
                $operations[] = new Operation($work->step->id, $coat, $after > 0 ? $after : $before + $work->handsOn, $wait ?? 0, WaitUntil::Overnight === $rule, $recoats ? $work->drying?->recoatMost?->planned : null, $after > 0 ? 2 : 1);
                $forecasts[] = $work->drying;
                if (null === $wait) {
                    return [$operations, $forecasts, \sprintf('Step %d: %s', $work->number, $work->drying->noPromise ?? '')];
                }
            }
        }

        return [$operations, $forecasts, null];
    }

    /**
     * @param list<StepCalculation> $works
     */
    private function nameOf(Operation $operation, array $works): string
    {
        foreach ($works as $work) {
            if ($work->step->id === $operation->stepId) {
                return $work->step->name();
            }
        }

        return '';
    }

    /**
     * @param \Closure(int): string $iso
     */
    private function coat(Placed $p, \Closure $iso): CoatPlan
    {
        return new CoatPlan(
            $p->operation->stepId,
            $p->operation->coat,
            array_map(static fn (Interval $i): TimeSlot => new TimeSlot($iso($i->start), $iso($i->end)), $p->stretches),
            $iso($p->end()),
            $iso($p->nextFrom),
            $p->operation->handsOn,
            $p->operation->leastWait,
            $p->operation->overnight,
            $p->tooLate,
            $p->operation->lay,
        );
    }
}
