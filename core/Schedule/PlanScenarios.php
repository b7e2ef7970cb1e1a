<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

use Inlaid\Core\Context\Context;
use Inlaid\Core\Drying\Place;
use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Planning\PlaceCapacity;
use Inlaid\Core\Planning\PlanWorks;
use Inlaid\Core\Planning\Work;
use Inlaid\Core\Planning\WorkKey;
use Inlaid\Core\Planning\WorkPlan;
use Inlaid\Core\Recipe\Scenario;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Work\StepCalculation;

/**
 * Plans pieces over the working days: with the rounds that are expected, and where it is open how often something is done once more with
 * the fewest and with the most.
 *
 * The one planner: a recipe by itself is a bench with one piece.
 */
final readonly class PlanScenarios
{
    /** So many orders of n works are looked at: 1,000,000 ÷ n², for each takes about n² as long. The same bench gives the same plan. */
    private const LOOKS = 1_000_000;
    /** Of one piece alone there is not much to exchange. */
    private const LOOKS_AT_ONE = 20_000;
    /** More works than these come in the order in which they are given. */
    private const MOST_TRIED = 1_000;

    public function __construct(private WorksOfPiece $works = new WorksOfPiece(), private PlanWorks $plan = new PlanWorks())
    {
    }

    /**
     * @param list<CalculatedPiece>    $pieces
     * @param non-empty-list<Calendar> $calendars the painter's first
     * @param \Closure(): bool         $isOver    whether the time to search is up
     * @param \Closure(): bool         $isLate    whether any answer is overdue
     */
    public function plan(array $pieces, array $calendars, Context $context, \Closure $isOver, \Closure $isLate): PlannedScenarios
    {
        $pieces = array_map(static fn (CalculatedPiece $p): CalculatedPiece => $p->upToWhatNeverDries(), $pieces);
        $isOpen = [] !== array_filter($pieces, static fn (CalculatedPiece $p): bool => $p->isOpen());
        [$made, $expected] = $this->scenario(
            pieces: $pieces,
            calendars: $calendars,
            context: $context,
            scenario: Scenario::Expected,
            isOver: $isOver,
            isLate: $isLate,
        );
        $other = fn (Scenario $scenario): ?WorkPlan => match (true) {
            !$isOpen => $expected,
            $isLate() => null,
            default => $this->scenario(
                pieces: $pieces,
                calendars: $calendars,
                context: $context,
                scenario: $scenario,
                isOver: static fn (): bool => true,
                isLate: $isLate,
            )[1],
        };

        return new PlannedScenarios(
            works: $made,
            expected: $expected,
            least: $other(Scenario::Least),
            most: $other(Scenario::Most),
            isOpen: $isOpen,
            stuck: $this->stuck($pieces, $made, $expected),
        );
    }

    /**
     * @param list<CalculatedPiece>    $pieces
     * @param non-empty-list<Calendar> $calendars
     * @param \Closure(): bool         $isOver
     * @param \Closure(): bool         $isLate
     *
     * @return array{list<Work>, WorkPlan|null}
     */
    private function scenario(
        array $pieces,
        array $calendars,
        Context $context,
        Scenario $scenario,
        \Closure $isOver,
        \Closure $isLate,
    ): array {
        $made = $due = [];
        foreach ($pieces as $piece) {
            $own = $this->works->works($piece, $calendars[0], $scenario);
            array_push($made, ...$own);
            if (null !== $piece->piece->due && null === $piece->stuck && [] !== $own) {
                $due[$piece->piece->id] = $piece->piece->due;
            }
        }
        if ([] === $made) {
            return [[], null];
        }
        $looks = intdiv(1 === \count($pieces) ? self::LOOKS_AT_ONE : self::LOOKS, \count($made) ** 2);
        $enough = static function () use (&$looks, $isOver): bool {
            return --$looks < 0 || $isOver();
        };
        $late = \count($made) > self::MOST_TRIED ? static fn (): bool => true : $isLate;

        return [
            $made,
            $this->plan->plan(
                works: $made,
                hands: $calendars,
                from: $context->now,
                due: $due,
                isOver: $enough,
                rooms: $this->rooms($pieces, $context),
                isLate: $late,
            ),
        ];
    }

    /**
     * @param list<CalculatedPiece> $pieces
     * @param list<Work>            $made
     *
     * @return array<string, string> by piece
     */
    private function stuck(array $pieces, array $made, ?WorkPlan $plan): array
    {
        $toDo = array_flip(array_map(static fn (Work $w): string => $w->job, $made));
        $stuck = [];
        foreach ($pieces as $piece) {
            $id = $piece->piece->id;
            $fits = !isset($toDo[$id]) || isset($plan->ready[$id]);
            $isCold = [] !== array_filter($made, static fn (Work $w): bool => $w->job === $id && null !== $w->hours);
            $stuck[$id] = $piece->stuck ?? match (true) {
                $fits => null,
                $isCold => 'The place is too cold or too damp at your working hours. Heat it, or work while it is warmer.',
                default => \sprintf('This would take more than %d years at these working hours.', Calendar::MOST_YEARS),
            };
        }

        return array_filter($stuck, static fn (?string $why): bool => null !== $why);
    }

    /**
     * @param list<CalculatedPiece> $pieces
     */
    private function rooms(array $pieces, Context $context): PlaceCapacity
    {
        $standing = [];
        foreach ($pieces as $piece) {
            $begun = array_map(static fn (string $key): string => WorkKey::read($key)->step, array_keys($piece->piece->done));
            $laid = array_filter(
                $piece->steps,
                static fn (StepCalculation $w): bool => Effect::Adds === $w->step->profile->effect
                    && \in_array($w->step->id, $begun, true),
            );
            if (null !== $piece->piece->place && [] !== $laid) {
                $standing[$piece->piece->id] = $piece->piece->place;
            }
        }

        return PlaceCapacity::of(
            array_filter(
                array_map(static fn (Place $p): ?int => $p->holds, $context->places),
                static fn (?int $most): bool => null !== $most,
            ),
            $standing,
        );
    }
}
