<?php

declare(strict_types=1);

namespace Inlaid\Core\Eye;

use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Run\DrawnMean;

/**
 * Learns from answers how well a painter's eye sees, and to which side it errs.
 *
 * Of n answers with the mean error m and the spread s (at least 0.5) the bias is m·n ÷ (n + s² ÷ 1²): drawn toward none while there are
 * few, by a normal prior of one step. Nine times in ten it lies within 1.645·√(1 ÷ (n ÷ s² + 1)) of that.
 */
final readonly class LearnEye
{
    private const FEWEST = 8;
    private const SPREAD = 0.5;
    private const PRIOR = 1.0;
    private const DAY = 86_400;
    /** 1 January 1970 was a Thursday. */
    private const MONDAY = 3;

    /**
     * @param list<EyeAnswer> $answers
     *
     * @return list<EyeScore> one for every kind
     */
    public function learn(array $answers): array
    {
        return array_map(
            fn (EyeKind $kind): EyeScore => $this->score(
                $kind,
                array_values(array_filter($answers, static fn (EyeAnswer $a): bool => $kind === $a->kind)),
            ),
            EyeKind::cases(),
        );
    }

    /**
     * @param list<EyeAnswer> $answers
     */
    private function score(EyeKind $kind, array $answers): EyeScore
    {
        $count = \count($answers);
        $errs = $kind->errs();
        $drawn = null === $errs || [] === $answers || $count < self::FEWEST ? null : DrawnMean::of(
            array_map(static fn (EyeAnswer $a): int => $a->said - $a->truth, $answers),
            self::SPREAD,
            self::PRIOR,
        );
        $isBiased = null !== $drawn && abs($drawn->mean) > $drawn->within;

        return new EyeScore(
            kind: $kind,
            name: $kind->name(),
            answered: $count,
            right: \count(array_filter($answers, static fn (EyeAnswer $a): bool => $a->isRight())),
            bias: null === $drawn ? null : round($drawn->mean, 2),
            low: null === $drawn ? null : round($drawn->mean - $drawn->within, 2),
            high: null === $drawn ? null : round($drawn->mean + $drawn->within, 2),
            isBiased: $isBiased,
            inWords: match (true) {
                $count < self::FEWEST => 'Not enough answers yet.',
                null === $errs || null === $drawn => '',
                !$isBiased => 'You err to neither side.',
                default => \sprintf('%s, by %s.', $errs[$drawn->mean < 0 ? 0 : 1], self::steps(abs($drawn->mean), $errs[2])),
            },
            weeks: self::weeks($answers),
        );
    }

    private static function steps(float $bias, string $step): string
    {
        return match (true) {
            'answer' === $step => \sprintf('%d in a hundred', (int) round(100 * $bias)),
            $bias < 0.375 => "a quarter of a $step",
            $bias < 0.75 => "half a $step",
            $bias < 1.25 => "one $step",
            default => \sprintf('%s %ss', ExactNumber::plain($bias, 1), $step),
        };
    }

    /**
     * @param list<EyeAnswer> $answers
     *
     * @return list<EyeWeek>
     */
    private static function weeks(array $answers): array
    {
        $weeks = [];
        foreach ($answers as $answer) {
            $day = intdiv($answer->at, self::DAY);
            $weeks[$day - ($day + self::MONDAY) % 7][] = $answer->isRight();
        }
        ksort($weeks);

        return array_map(
            static fn (int $day, array $right): EyeWeek => new EyeWeek(
                (new \DateTimeImmutable('@'.$day * self::DAY))->format('Y-m-d'),
                \count($right),
                \count(array_filter($right)),
            ),
            array_keys($weeks),
            array_values($weeks),
        );
    }
}
