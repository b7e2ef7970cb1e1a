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
     *
     * @return non-empty-list<Reading> the usual reading first
     *
     * @throws MeasureRefusal if the text is no ratio of these ingredients
     */
    public function read(string $text, array $names): array
    {
        $text = trim($text);
        if (1 === preg_match('/^(.+?)\s*(?:%|percent|per cent)$/u', $text, $m)) {
            return $this->percent(ExactNumber::parse($m[1]), $names);
        }
        if (1 === preg_match('/^(.+?)\s*parts?$/u', $text, $m)) {
            $text = '1:'.$m[1];
        }
        $terms = preg_split('/\s*(?::|\bto\b|\+)\s*/u', $text) ?: [];
        if (\count($terms) < 2) {
            throw MeasureRefusal::unreadableRatio($text);
        }
        $shares = array_map(ExactNumber::parse(...), $terms);
        if (\count($shares) !== \count($names)) {
            throw MeasureRefusal::partsAndNames(\count($shares), \count($names));
        }

        return $this->parts($shares, $names);
    }

    /**
     * @param non-empty-list<BigRational> $shares
     * @param non-empty-list<string>      $names
     *
     * @return non-empty-list<Reading>
     *
     * @throws MeasureRefusal
     */
    private function parts(array $shares, array $names): array
    {
        $asWritten = $this->ratio($names, $shares);
        $readings = [new Reading('as-written', $asWritten->inWords(), $asWritten)];
        if (2 === \count($names) && !$shares[0]->isEqualTo($shares[1])) {
            $turned = $this->ratio($names, array_reverse($shares));
            $readings[] = new Reading('turned', $turned->inWords(), $turned);
        }

        return $readings;
    }

    /**
     * @param non-empty-list<string> $names
     *
     * @return non-empty-list<Reading>
     *
     * @throws MeasureRefusal
     */
    private function percent(BigRational $percent, array $names): array
    {
        if (2 !== \count($names)) {
            throw MeasureRefusal::percentNeedsTwo();
        }
        if ($percent->isNegative()) {
            throw MeasureRefusal::negativePart($names[1]);
        }
        if ($percent->isZero()) {
            throw MeasureRefusal::percentOutOfRange();
        }
        $share = $percent->dividedBy(100);
        $shown = ExactNumber::decimal($percent).' %';
        $added = new Reading('added', \sprintf('%s added: for every 100 ml %s another %s ml %s', $shown, $names[0], ExactNumber::decimal($percent), $names[1]), $this->ratio($names, [BigRational::one(), $share])->inWholeParts());
        if ($share->isGreaterThanOrEqualTo(1)) {
            return [$added];
        }
        $ofMix = $this->ratio($names, [BigRational::one()->minus($share), $share])->inWholeParts();

        return [new Reading('of-the-mix', \sprintf('%s of the mix: in every 100 ml mix %s ml are %s', $shown, ExactNumber::decimal($percent), $names[1]), $ofMix), $added];
    }

    /**
     * @param non-empty-list<string> $names
     * @param array<BigRational>     $shares
     *
     * @throws MeasureRefusal
     */
    private function ratio(array $names, array $shares): Ratio
    {
        return Ratio::of(array_map(NamedPart::of(...), $names, $shares));
    }
}
