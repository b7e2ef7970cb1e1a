<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * The earliest plan of a chain of operations in their given order.
 *
 * A least fixpoint: everything is placed as early as it may be; where that breaks a largest wait, the operation before is
 * pushed later and all is placed again. Operations longer than any working stretch are split over several.
 */
final class PlanInOrder
{
    /** A largest wait that pushing by so much does not mend is never kept: nights are longer than it is. */
    private const LARGEST_PUSH = 21 * 24 * 3600;
    /** Nobody plans further ahead than so many years. */
    public const MOST_YEARS = 10;

    /**
     * @param list<Operation> $operations
     *
     * @return list<Placed> fewer than the operations where the next one would lie too far ahead
     */
    public function plan(array $operations, WorkingTime $time, int $start): array
    {
        $notBefore = array_fill(0, \count($operations), $start);
        $beforePushing = $givenUp = $placed = [];
        for ($i = 0; $i < \count($operations); ++$i) {
            $next = $this->place($operations[$i], $time, max($notBefore[$i], 0 === $i ? $start : $placed[$i - 1]->nextFrom), $start + self::MOST_YEARS * 365 * 24 * 3600);
            if (null === $next) {
                $placed = \array_slice($placed, 0, $i);
                break;
            }
            $placed[$i] = $next;
            $late = 0 === $i ? 0 : $this->minutesTooLate($placed[$i - 1], $placed[$i]);
            if ($late <= 0 || isset($givenUp[$i])) {
                continue;
            }
            $beforePushing[$i] ??= [$placed[$i - 1]->start(), $notBefore];
            $pushed = $placed[$i - 1]->start() + $late * 60;
            if ($pushed - $beforePushing[$i][0] > self::LARGEST_PUSH) {
                $givenUp[$i] = true;
                $notBefore = $beforePushing[$i][1];
            } else {
                $notBefore[$i - 1] = $pushed;
            }
            $i = max(-1, $i - 2);
        }
        foreach (array_keys(array_intersect_key($givenUp, $placed)) as $i) {
            $before = $placed[$i - 1];
            $placed[$i - 1] = new Placed($before->operation, $before->stretches, $before->nextFrom, max(0, $this->minutesTooLate($before, $placed[$i])));
        }

        return array_values($placed);
    }

    private function minutesTooLate(Placed $before, Placed $after): int
    {
        $most = $before->operation->mostWait;

        return null === $most ? 0 : intdiv($after->start() - $before->end() - $most * 60, 60);
    }

    private function place(Operation $operation, WorkingTime $time, int $from, int $until): ?Placed
    {
        $stretches = 0 === $operation->handsOn ? [new Interval($from, $from)] : $this->stretches($operation->handsOn, $time, $from, $until);
        if ([] === $stretches || $from > $until) {
            return null;
        }
        $end = $stretches[\count($stretches) - 1]->end;
        $next = $end + $operation->leastWait * 60;

        return new Placed($operation, $stretches, $operation->overnight ? max($next, $time->nextMidnight($end)) : $next);
    }

    /**
     * @return list<Interval> empty where they do not end in time
     */
    private function stretches(int $minutes, WorkingTime $time, int $from, int $until): array
    {
        $split = $minutes > $time->longestStretch;
        $taken = [];
        foreach ($time->from($from) as $interval) {
            if ($interval->start > $until) {
                return [];
            }
            if (!$split && $interval->minutes() < $minutes) {
                continue;
            }
            $now = min($minutes, $interval->minutes());
            $taken[] = new Interval($interval->start, $interval->start + $now * 60);
            $minutes -= $now;
            if ($minutes <= 0) {
                break;
            }
        }

        return $taken;
    }
}
