<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\ColourDifference;
use Inlaid\Core\Measure\ExactNumber;

/**
 * Compares two runs step by step, as far as both were noted; what differs by less than a tenth does not.
 */
final class CompareRuns
{
    private const SHARE = 0.1;

    /**
     * @param list<StepRecord> $one
     * @param list<StepRecord> $other
     *
     * @return list<RunDifference> of the first against the second, in the order of the first; then what only the second has
     */
    public function compare(array $one, array $other): array
    {
        $there = array_column(array_map(static fn (StepRecord $s): array => [$s->step, $s], $other), 1, 0);
        $found = [];
        foreach ($one as $step) {
            $words = isset($there[$step->step]) ? $this->step($step, $there[$step->step]) : [0 === $step->coats ? null : 'first only'];
            $words = array_filter($words);
            [] === $words || $found[] = new RunDifference($step->step, $step->name, implode('; ', $words));
        }
        $here = array_map(static fn (StepRecord $s): string => $s->step, $one);
        foreach ($other as $step) {
            \in_array($step->step, $here, true)
                || 0 === $step->coats
                || $found[] = new RunDifference($step->step, $step->name, 'second only');
        }

        return $found;
    }

    /**
     * @return list<string|null>
     */
    private function step(StepRecord $a, StepRecord $b): array
    {
        $colours = [$a->colours[\count($a->colours) - 1] ?? null, $b->colours[\count($b->colours) - 1] ?? null];
        $seen = null === $colours[0] || null === $colours[1]
            ? null
            : ColourDifference::between(Colour::of($colours[0]), Colour::of($colours[1]));

        return [
            $a->coats === $b->coats ? null : \sprintf('%s against %s', StepRecord::times($a->coats), StepRecord::times($b->coats)),
            self::differ($a->minutes, $b->minutes) ? \sprintf('%d min hands-on against %d', $a->minutes, $b->minutes) : null,
            self::differ($a->ml, $b->ml)
                ? \sprintf('%s ml poured against %s', ExactNumber::plain((float) $a->ml, 0), ExactNumber::plain((float) $b->ml, 0))
                : null,
            null === $seen || $seen->deltaE < 1 ? null : $seen->inWords,
        ];
    }

    private static function differ(int|float|null $a, int|float|null $b): bool
    {
        return null !== $a && null !== $b && abs($a - $b) >= self::SHARE * max($a, $b) && $a !== $b;
    }
}
