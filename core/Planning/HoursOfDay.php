<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * Hours of every day in which something may be done, such as those in which a place is warm enough.
 *
 * Immutable.
 */
final readonly class HoursOfDay
{
    /**
     * @param list<bool> $open 24, from midnight
     */
    public function __construct(private array $open, private \DateTimeZone $zone)
    {
    }

    public function areAny(): bool
    {
        return \in_array(true, $this->open, true);
    }

    public function areAll(): bool
    {
        return !\in_array(false, $this->open, true);
    }

    /** "10:00 to 20:00"; several with "and". */
    public function inWords(): string
    {
        $spans = [];
        foreach (range(0, 23) as $hour) {
            if ($this->open[$hour] && !($this->open[($hour + 23) % 24] && !$this->areAll())) {
                $end = $hour + 1;
                while ($this->open[$end % 24] && $end < $hour + 24) {
                    ++$end;
                }
                $spans[] = \sprintf('%02d:00 to %02d:00', $hour, $end % 24);
            }
        }

        return implode(' and ', $spans);
    }

    /**
     * The first instant of a time that lies in none of them; null where all of it does.
     */
    public function closedIn(Interval $time): ?int
    {
        for ($at = $time->start; $at < $time->end; $at = $this->nextHour($at)) {
            if (!$this->open[intdiv($this->local($at) % 86400, 3600)]) {
                return $at;
            }
        }

        return null;
    }

    /** From an instant that lies in none of them to the beginning of the next that is. */
    public function opensAfter(int $closed): int
    {
        do {
            $closed = $this->nextHour($closed);
        } while ($this->areAny() && !$this->open[intdiv($this->local($closed) % 86400, 3600)]);

        return $closed;
    }

    private function nextHour(int $at): int
    {
        return $at + 3600 - $this->local($at) % 3600;
    }

    private function local(int $at): int
    {
        return $at + (new \DateTimeImmutable('@'.$at))->setTimezone($this->zone)->getOffset();
    }
}
