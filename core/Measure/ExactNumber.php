<?php

declare(strict_types=1);

namespace Inlaid\Core\Measure;

use Brick\Math\BigDecimal;
use Brick\Math\BigInteger;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/**
 * Reads and prints numbers the way painters write them: 3, 0.5, 0,5, 3/4, 1 1/2, 1½, ¼.
 *
 * Reading is exact. Only printing rounds.
 */
final class ExactNumber
{
    private const FRACTIONS = [
        '½' => '1/2', '⅓' => '1/3', '⅔' => '2/3', '¼' => '1/4', '¾' => '3/4',
        '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8', '⅙' => '1/6', '⅚' => '5/6', '⅕' => '1/5',
    ];

    /**
     * @throws InvalidMeasure if the text is not a number, or divides by nothing
     */
    public static function parse(string $text): BigRational
    {
        $plain = trim(strtr($text, array_map(static fn (string $f): string => ' '.$f, self::FRACTIONS) + ['⁄' => '/', '−' => '-']));
        if (\strlen($plain) > 24) {
            throw InvalidMeasure::tooLong();
        }
        if (1 === preg_match('/^(-?)(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)$/', $plain, $m)) {
            if ('' === trim($m[4], '0')) {
                throw InvalidMeasure::zeroDenominator($text);
            }
            $value = BigRational::nd($m[3], $m[4])->plus('' === $m[2] ? 0 : $m[2]);

            return '-' === $m[1] ? $value->negated() : $value;
        }
        if (1 === preg_match('/^-?\d*[.,]?\d+$/', $plain)) {
            return BigRational::of(str_replace(
                ',',
                '.',
                str_starts_with(ltrim($plain, '-'), '.') || str_starts_with(ltrim($plain, '-'), ',')
                    ? preg_replace('/^(-?)/', '${1}0', $plain, 1) ?? $plain
                    : $plain,
            ))->simplified();
        }

        throw InvalidMeasure::unreadable($text);
    }

    /**
     * Reads a number that was written by {@see exact()}, however long: limits are for what somebody types.
     */
    public static function stored(string $text): BigRational
    {
        return BigRational::of($text)->simplified();
    }

    /**
     * Prints with at most the given decimals, without trailing zeros.
     */
    public static function decimal(BigRational $value, int $decimals = 2): string
    {
        return self::withoutTrailingZeros((string) $value->toScale($decimals, RoundingMode::HALF_UP));
    }

    /**
     * Prints a worked-out float with at most the given decimals, without trailing zeros.
     */
    public static function plain(float $value, int $decimals = 2): string
    {
        return self::withoutTrailingZeros(\sprintf('%.'.$decimals.'F', round($value, $decimals)));
    }

    /**
     * Prints as a whole number with a true fraction (1 ½) when the value is one, else as a decimal.
     */
    public static function kitchen(BigRational $value): string
    {
        $whole = $value->getNumerator()->quotient($value->getDenominator());
        $rest = $value->minus($whole);
        if ($rest->isZero()) {
            return (string) $whole;
        }
        $glyph = array_search((string) $rest->simplified(), self::FRACTIONS, true);
        if (false === $glyph) {
            return self::decimal($value);
        }

        return $whole->isZero() ? $glyph : $whole.' '.$glyph;
    }

    /**
     * The exact value as it travels in documents: "3", "0.25" when that is exact and short, else "1/3".
     */
    public static function exact(BigRational $value): string
    {
        $simple = $value->simplified();
        [$times, $rest] = BigInteger::of(1_000_000)->quotientAndRemainder($simple->getDenominator());

        return $rest->isZero()
            ? self::withoutTrailingZeros((string) BigDecimal::ofUnscaledValue($simple->getNumerator()->multipliedBy($times), 6))
            : (string) $simple;
    }

    /**
     * The exact value where a person would write it so ("37.5", "1000/3"), else to a ten-thousandth; read again it is not longer than what
     * may be typed.
     */
    public static function written(BigRational $value): string
    {
        $exact = self::exact($value);

        return \strlen($exact) <= 12 ? $exact : self::decimal($value, 4);
    }

    /**
     * Adds up, keeping numbers short on the way: unsimplified denominators multiply with every sum.
     *
     * @param iterable<BigRational> $values
     */
    public static function sum(iterable $values): BigRational
    {
        $sum = BigRational::zero();
        foreach ($values as $value) {
            $sum = $sum->plus($value)->simplified();
        }

        return $sum;
    }

    /**
     * Takes a worked-out float into exact arithmetic, rounded up to the given decimals, so that a need is never cut short.
     */
    public static function ceil(float $value, int $decimals = 1): BigRational
    {
        $times = 10 ** $decimals;

        return BigRational::nd((int) ceil(round($value * $times, 8)), $times)->simplified();
    }

    private static function withoutTrailingZeros(string $decimal): string
    {
        return str_contains($decimal, '.') ? rtrim(rtrim($decimal, '0'), '.') : $decimal;
    }
}
