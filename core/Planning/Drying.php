<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * The wait for a film that dries by night as the night lets it: a cold hour counts for less than a warm one.
 *
 * In an hour in which it dries f times more slowly than on the label, 60 ÷ f of its minutes pass; in one in which nobody can promise
 * anything, none. It is never over before the minutes of the label are.
 */
final class Drying implements Wait
{
    /** Where no hour of the day promises anything: as good as never. */
    private const NEVER = 20 * 365 * 86400;

    private readonly float $day;
    /** In air that is the same at all hours: how many times more slowly. */
    private readonly ?float $steady;

    /**
     * @param int              $stated  minutes on the label
     * @param list<float|null> $factors 24, by the hour: how many times more slowly; null where nothing is promised
     */
    public function __construct(
        private readonly int $stated,
        private readonly array $factors,
        private readonly \DateTimeZone $zone,
        private readonly bool $overnight = false,
    ) {
        $this->day = array_sum(array_map(self::passes(...), $factors));
        $this->steady = 1 === \count(array_unique($factors, \SORT_REGULAR)) ? $factors[0] : null;
    }

    /** Is there an hour in which it dries? */
    public function everDries(): bool
    {
        return 0 === $this->stated || $this->day > 0.0;
    }

    public function over(int $from, Calendar $calendar): int
    {
        if (!$this->everDries()) {
            return $from + self::NEVER;
        }
        $over = max($from + 60 * $this->stated, $this->dried($from));

        return $this->overnight ? max($over, $calendar->midnight($from)) : $over;
    }

    public function least(): int
    {
        return $this->stated;
    }

    private function dried(int $from): int
    {
        if (null !== $this->steady) {
            return $from + (int) ceil(60 * $this->stated * $this->steady - 1e-6);
        }
        $left = (float) $this->stated;
        $at = $from + 86400 * (int) floor($left / max(1e-9, $this->day));
        $left -= $this->day * floor($left / max(1e-9, $this->day));
        $local = $at + (new \DateTimeImmutable('@'.$from))->setTimezone($this->zone)->getOffset();
        while ($left > 1e-9) {
            $minutes = (3600 - $local % 3600) / 60;
            $passes = self::passes($this->factors[intdiv($local % 86400, 3600)]) * $minutes / 60;
            if ($passes >= $left) {
                return $at + (int) ceil(60 * $minutes * $left / $passes - 1e-6);
            }
            $left -= $passes;
            $at += (int) round(60 * $minutes);
            $local += (int) round(60 * $minutes);
        }

        return $at;
    }

    /** Minutes of the label that pass in an hour. */
    private static function passes(?float $factor): float
    {
        return null === $factor ? 0.0 : 60 / $factor;
    }
}
