<?php

declare(strict_types=1);

namespace Inlaid\Core\Eye;

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
    private const NINE_IN_TEN = 1.645;
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
        [$bias, $within] = null === $errs || $count < self::FEWEST ? [null, null] : self::bias(array_map(
            static fn (EyeAnswer $a): int => $a->said - $a->truth,
            $answers,
        ));
        $isBiased = null !== $bias && abs($bias) > $within;

        return new EyeScore(
            kind: $kind,
            name: $kind->name(),
            answered: $count,
            right: \count(array_filter($answers, static fn (EyeAnswer $a): bool => $a->isRight())),
            bias: null === $bias ? null : round($bias, 2),
            low: null === $bias ? null : round($bias - $within, 2),
            high: null === $bias ? null : round($bias + $within, 2),
            isBiased: $isBiased,
            inWords: match (true) {
                $count < self::FEWEST => 'Not enough answers yet.',
                null === $errs || null === $bias => '',
                !$isBiased => 'You err to neither side.',
                default => \sprintf('%s, by %s.', $errs[$bias < 0 ? 0 : 1], self::steps(abs($bias), $errs[2])),
            },
            weeks: self::weeks($answers),
        );
    }

    /**
     * @param non-empty-list<int>|list<int> $errors
     *
     * @return array{float, float}
     */
    private static function bias(array $errors): array
    {
        $count = \count($errors);
        $mean = array_sum($errors) / $count;
        $variance = max(
            self::SPREAD ** 2,
            array_sum(array_map(static fn (int $e): float => ($e - $mean) ** 2, $errors)) / max(1, $count - 1),
        );

        return [
            $mean * $count / ($count + $variance / self::PRIOR ** 2),
            self::NINE_IN_TEN * sqrt(1 / ($count / $variance + 1 / self::PRIOR ** 2)),
        ];
    }

    private static function steps(float $bias, string $step): string
    {
        return match (true) {
            'answer' === $step => \sprintf('%d in a hundred', (int) round(100 * $bias)),
            $bias < 0.375 => "a quarter of a $step",
            $bias < 0.75 => "half a $step",
            $bias < 1.25 => "one $step",
            default => \sprintf('%.1f %ss', $bias, $step),
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
