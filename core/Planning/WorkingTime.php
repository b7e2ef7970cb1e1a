<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * When the painter works: hours by day of the week, with exceptions by date, in the studio's zone.
 *
 * The one place that knows zones and daylight saving. Immutable.
 */
final readonly class WorkingTime
{
    /** The longest uninterrupted stretch of an ordinary week, in minutes. */
    public int $longestStretch;

    /**
     * @param array<int, list<array{int, int}>>    $week       by ISO weekday 1 … 7: from and to in minutes after midnight
     * @param array<string, list<array{int, int}>> $exceptions by date Y-m-d; an empty list is a day off
     */
    private function __construct(public \DateTimeZone $zone, private array $week, private array $exceptions)
    {
        $this->longestStretch = max([0, ...array_map(static fn (array $i): int => $i[1] - $i[0], array_merge(...array_values($week)))]);
    }

    /**
     * @param array<int, list<array{int, int}>>    $week
     * @param array<string, list<array{int, int}>> $exceptions
     *
     * @throws InvalidSchedule if the hours overlap or run backwards, there are none, or the zone is unknown
     */
    public static function of(string $zone, array $week, array $exceptions = []): self
    {
        $timeZone = self::zone($zone);
        foreach ([...array_values($week), ...array_values($exceptions)] as $day) {
            $last = 0;
            foreach ($day as [$from, $to]) {
                if ($from < $last || $to <= $from || $to > 24 * 60) {
                    throw InvalidSchedule::badHours();
                }
                $last = $to;
            }
        }
        if ([] === array_filter($week)) {
            throw InvalidSchedule::noHours();
        }

        return new self($timeZone, $week, $exceptions);
    }

    /**
     * @throws InvalidSchedule if there is no such zone
     */
    public static function zone(string $name): \DateTimeZone
    {
        try {
            return new \DateTimeZone($name);
        } catch (\Exception) {
            throw InvalidSchedule::unknownZone($name);
        }
    }

    /**
     * Working intervals from an instant on, the first one cut to begin there. Endless.
     *
     * @return \Generator<int, Interval>
     */
    public function from(int $instant): \Generator
    {
        $day = $this->local($instant)->setTime(0, 0);
        while (true) {
            foreach ($this->exceptions[$day->format('Y-m-d')] ?? $this->week[(int) $day->format('N')] ?? [] as [$from, $to]) {
                $start = max($instant, $day->setTime(0, $from)->getTimestamp());
                $end = $day->setTime(0, $to)->getTimestamp();
                if ($start < $end) {
                    yield new Interval($start, $end);
                }
            }
            $day = $day->modify('+1 day');
        }
    }

    /**
     * The midnight that follows an instant: "overnight" ends on a later date.
     */
    public function nextMidnight(int $instant): int
    {
        return $this->local($instant)->modify('tomorrow')->getTimestamp();
    }

    /** An instant as it is told in the studio. */
    public function iso(int $instant): string
    {
        return $this->local($instant)->format(\DATE_ATOM);
    }

    private function local(int $instant): \DateTimeImmutable
    {
        return (new \DateTimeImmutable('@'.$instant))->setTimezone($this->zone);
    }
}
