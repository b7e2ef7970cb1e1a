<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * Somebody's working hours laid out one after another, so that a plan that is tried over and over need not reckon dates: only as far as it
 * was asked.
 */
final class Calendar
{
    /** Nobody plans further ahead than so many years. */
    public const MOST_YEARS = 10;

    /** @var list<int> */
    private array $starts = [];
    /** @var list<int> */
    private array $ends = [];
    /** @var array<int, int> the midnight after the day that an hour belongs to, by the hour since 1970 */
    private array $midnights = [];
    /** @var \Generator<int, Interval> */
    private \Generator $more;
    private readonly int $until;

    public function __construct(private readonly WorkingTime $time, int $from)
    {
        $this->more = $time->from($from);
        $this->until = $from + self::MOST_YEARS * 365 * 86400;
    }

    /**
     * The first working times at or after an instant that hold so many minutes in one; several only where no stretch of an ordinary week is
     * as long.
     *
     * @return non-empty-list<Interval>|null null beyond the time that is planned at all
     */
    public function fit(int $minutes, int $from): ?array
    {
        $split = $minutes > $this->time->longestStretch;
        $taken = [];
        for ($i = $this->at($from); $this->has($i); ++$i) {
            $start = max($from, $this->starts[$i]);
            $room = intdiv($this->ends[$i] - $start, 60);
            if ($room < 1 || (!$split && $room < $minutes)) {
                continue;
            }
            $now = min($minutes, $room);
            $taken[] = new Interval($start, $start + 60 * $now);
            $minutes -= $now;
            if ($minutes <= 0) {
                return $taken;
            }
        }

        return null;
    }

    /** The instant at which so many working minutes have passed, in however many pieces. */
    public function pack(int $minutes, int $from): int
    {
        for ($i = $this->at($from); $minutes > 0 && $this->has($i); ++$i) {
            $start = max($from, $this->starts[$i]);
            $now = min($minutes, intdiv($this->ends[$i] - $start, 60));
            $minutes -= max(0, $now);
            $from = $start + 60 * max(0, $now);
        }

        return $from;
    }

    /** Whole working minutes between two instants. */
    public function worked(int $from, int $to): int
    {
        $worked = 0;
        for ($i = $this->at($from); $this->has($i) && $this->starts[$i] < $to; ++$i) {
            $worked += max(0, intdiv(min($to, $this->ends[$i]) - max($from, $this->starts[$i]), 60));
        }

        return $worked;
    }

    /** The midnight that follows an instant. */
    public function midnight(int $instant): int
    {
        return $this->midnights[intdiv($instant, 3600)] ??= $this->time->nextMidnight($instant);
    }

    /** Where the first stretch stands that ends after an instant. */
    private function at(int $from): int
    {
        while (([] === $this->ends || $this->ends[\count($this->ends) - 1] <= $from) && $this->has(\count($this->ends))) {
        }
        [$low, $high] = [0, \count($this->ends)];
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            $this->ends[$middle] > $from ? $high = $middle : $low = $middle + 1;
        }

        return $low;
    }

    private function has(int $i): bool
    {
        while (\count($this->starts) <= $i && $this->more->valid()) {
            $interval = $this->more->current();
            if ($interval->start > $this->until) {
                return false;
            }
            $this->starts[] = $interval->start;
            $this->ends[] = $interval->end;
            $this->more->next();
        }

        return $i < \count($this->starts);
    }
}
