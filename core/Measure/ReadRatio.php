<?php

declare(strict_types=1);

namespace Inlaid\Core\Measure;

use Brick\Math\BigRational;

/**
 * Works out every sensible reading of "1:3", "25 %" or "2 parts" for named ingredients, so that one can be chosen.
 *
 * "1:3" of paint and water is one of paint to three of water, or the other way round; "25 %" of water is a quarter of the
 * mix, or a quarter of the paint added to it. Nothing is guessed: both are worked out and the painter picks.
 */
final readonly class ReadRatio
{
    /**
     * @param non-empty-list<string> $names the ingredients in pouring order; for two, the first is the body and the second thins it
     * @param string                 $unit  what the parts are measured in: ml, or g for parts by weight
     *
     * @return non-empty-list<Reading> the usual reading first
     *
     * @throws InvalidMeasure if the text is no ratio of these ingredients
     */
    public function read(string $text, array $names, string $unit = 'ml'): array
    {
        $written = trim($text);
        $text = self::asFigures($written, $names);
        if (1 === preg_match('/^\d+\s*\/\s*\d+$/', $text)) {
            return $this->percent(ExactNumber::parse($text)->multipliedBy(100), $names, $unit);
        }
        if (1 === preg_match('/^(.+?)\s*(?:%|percent|per cent)$/u', $text, $m)) {
            return $this->percent(ExactNumber::parse($m[1]), $names, $unit);
        }
        if (1 === preg_match('/^(.+?)\s*parts?$/u', $text, $m)) {
            $text = '1:'.$m[1];
        }
        $terms = preg_split('/\s*(?::|\bto\b|\+)\s*/u', $text) ?: [];
        if (\count($terms) < 2) {
            throw InvalidMeasure::unreadableRatio($written);
        }
        $shares = array_map(ExactNumber::parse(...), $terms);
        if (\count($shares) !== \count($names)) {
            throw InvalidMeasure::partsAndNames(\count($shares), \count($names));
        }

        return $this->parts($shares, $names, $unit);
    }

    /**
     * "Half and half", "50-50", "2 oz to 2 oz", "1 part paint to 3 parts water", "a third water": in figures, without what is the same of
     * all or names an ingredient.
     *
     * @param non-empty-list<string> $names
     */
    private static function asFigures(string $text, array $names): string
    {
        $text = (string) preg_replace(
            '/^half\s*(?:and|-|\/)\s*half$|^equal parts$/iu',
            implode(':', array_fill(0, \count($names), '1')),
            $text,
        );
        $text = Spoken::inFigures($text);
        if (1 === preg_match('/^(\d+)\s*[-–\/]\s*(\d+)$/u', $text, $m) && 100 === (int) $m[1] + (int) $m[2]) {
            return $m[1].':'.$m[2];
        }
        $words = array_filter(array_merge(...array_map(
            static fn (string $n): array => preg_split('/[\s,]+/u', mb_strtolower($n)) ?: [],
            $names,
        )), static fn (string $w): bool => mb_strlen($w) > 2);
        $named = implode('|', array_map(static fn (string $w): string => preg_quote($w, '/'), ['paint', 'water', 'thinner', ...$words]));
        $text = (string) preg_replace("/\\s+(?:of\\s+)?(?:(?:the|$named)\\b,?\\s*)+(?=:|\\bto\\b|\\+|$)/u", ' ', $text);
        $terms = preg_split('/\s*(?::|\bto\b|\+)\s*/u', trim($text)) ?: [];
        $units = array_map(
            static fn (string $t): string => 1 === preg_match('/[\d\s.,\/⁄½⅓⅔¼¾]+(\p{L}[\p{L}. ]*)$/u', $t, $m) ? trim($m[1]) : '',
            $terms,
        );
        $isSame = 1 < \count($terms) && 1 === \count(
            array_unique(array_map(static fn (string $u): string => rtrim($u, 's'), $units)),
        ) && '' !== $units[0];

        return $isSame ? implode(':', array_map(
            static fn (string $t, string $u): string => trim(substr($t, 0, \strlen($t) - \strlen($u))),
            array_map(trim(...), $terms),
            $units,
        )) : trim($text);
    }

    /**
     * @param non-empty-list<BigRational> $shares
     * @param non-empty-list<string>      $names
     *
     * @return non-empty-list<Reading>
     *
     * @throws InvalidMeasure
     */
    private function parts(array $shares, array $names, string $unit): array
    {
        $asWritten = $this->ratio($names, $shares);
        $readings = [new Reading('as-written', self::sentence($asWritten, $unit), $asWritten)];
        if (2 === \count($names) && !$shares[0]->isEqualTo($shares[1])) {
            $turned = $this->ratio($names, array_reverse($shares));
            $readings[] = new Reading('turned', self::sentence($turned, $unit), $turned);
        }

        return $readings;
    }

    /**
     * @param non-empty-list<string> $names
     *
     * @return non-empty-list<Reading>
     *
     * @throws InvalidMeasure
     */
    private function percent(BigRational $percent, array $names, string $unit): array
    {
        if (2 !== \count($names)) {
            throw InvalidMeasure::percentNeedsTwo();
        }
        if ($percent->isNegative()) {
            throw InvalidMeasure::negativePart($names[1]);
        }
        if ($percent->isZero()) {
            throw InvalidMeasure::percentOutOfRange();
        }
        $share = $percent->dividedBy(100);
        $added = new Reading(
            'added',
            \sprintf('100 %1$s %2$s + %3$s %1$s %4$s', $unit, $names[0], ExactNumber::decimal($percent), $names[1]),
            $this->ratio($names, [BigRational::one(), $share])->inWholeParts(),
        );
        if ($share->isGreaterThanOrEqualTo(1)) {
            return [$added];
        }
        $ofMix = $this->ratio($names, [BigRational::one()->minus($share), $share])->inWholeParts();

        return [
            new Reading(
                'of-the-mix',
                \sprintf(
                    '%2$s %1$s %3$s + %4$s %1$s %5$s (%4$s %% of the total)',
                    $unit,
                    ExactNumber::decimal(BigRational::of(100)->minus($percent)),
                    $names[0],
                    ExactNumber::decimal($percent),
                    $names[1],
                ),
                $ofMix,
            ),
            $added,
        ];
    }

    private static function sentence(Ratio $ratio, string $unit): string
    {
        $hundredth = $ratio->total()->dividedBy(100);

        return \sprintf(
            '%s (in 100 %s: %s)',
            $ratio->inWords(),
            $unit,
            implode(
                ' and ',
                array_map(
                    static fn (NamedPart $p): string => ExactNumber::decimal($p->share->dividedBy($hundredth), 1).' '.$unit.' '.$p->name,
                    $ratio->parts,
                ),
            ),
        );
    }

    /**
     * @param non-empty-list<string> $names
     * @param array<BigRational>     $shares
     *
     * @throws InvalidMeasure
     */
    private function ratio(array $names, array $shares): Ratio
    {
        return Ratio::of(array_map(NamedPart::of(...), $names, $shares));
    }
}
