<?php

declare(strict_types=1);

namespace Inlaid\Core\Layout;

/**
 * In what way things of one width are shared out over a length.
 *
 * Four ways that painters lay them: one in the middle, or a gap in the middle, with what is left over cut at both ends; or whole ones only,
 * the gaps made a little wider or narrower so that they end in a whole one at both ends, or in a gap.
 */
enum Share: string
{
    case OneInTheMiddle = 'one-in-the-middle';
    case GapInTheMiddle = 'gap-in-the-middle';
    case EndsWhole = 'ends-whole';
    case EndsInGaps = 'ends-in-gaps';

    private const LEAST = 0.05;

    public function inWords(): string
    {
        return match ($this) {
            self::OneInTheMiddle => 'one in the middle',
            self::GapInTheMiddle => 'a gap in the middle',
            self::EndsWhole => 'a whole one at both ends',
            self::EndsInGaps => 'a gap at both ends',
        };
    }

    /**
     * @param float $length what there is, mm
     * @param float $each   the width of one, mm
     * @param float $gap    wanted between two, mm
     *
     * @throws InvalidLayout if one is wider than the length
     */
    public function out(float $length, float $each, float $gap): SharedOut
    {
        if ($each > $length + 1e-9) {
            throw InvalidLayout::doesNotFit('One of them needs', $each, $length);
        }

        return match ($this) {
            self::OneInTheMiddle => $this->centred(length: $length, each: $each, gap: $gap, from: ($length - $each) / 2),
            self::GapInTheMiddle => $this->centred(length: $length, each: $each, gap: $gap, from: ($length + $gap) / 2),
            self::EndsWhole => $this->whole(length: $length, each: $each, gap: $gap, gapsMore: -1),
            self::EndsInGaps => $this->whole(length: $length, each: $each, gap: $gap, gapsMore: 1),
        };
    }

    private function centred(float $length, float $each, float $gap, float $from): SharedOut
    {
        $from -= ($each + $gap) * ceil(($from + $each) / ($each + $gap));
        $spans = [];
        for (; $from < $length; $from += $each + $gap) {
            [$start, $end] = [max(0.0, $from), min($length, $from + $each)];
            if ($end - $start > self::LEAST) {
                $spans[] = [$start, $end];
            }
        }

        return new SharedOut($spans, $gap, $each);
    }

    /**
     * Of n of them with n − 1 or n + 1 gaps, those whose gaps come nearest to what is wanted.
     */
    private function whole(float $length, float $each, float $gap, int $gapsMore): SharedOut
    {
        $gapOf = static fn (int $n): float => $n + $gapsMore < 1 ? \INF : ($length - $n * $each) / ($n + $gapsMore);
        $around = (int) floor(($length - $gapsMore * $gap) / ($each + $gap));
        $best = null;
        foreach ([$around, $around + 1, max(1, 1 - $gapsMore)] as $n) {
            $made = $n < 1 ? \INF : $gapOf($n);
            if ($made >= 0.0 && is_finite($made) && (null === $best || abs($made - $gap) < abs($gapOf($best) - $gap))) {
                $best = $n;
            }
        }
        if (null === $best) {
            throw InvalidLayout::doesNotFit('Two of them need', 2 * $each, $length);
        }
        $made = $gapOf($best);
        $from = $gapsMore > 0 ? $made : 0.0;

        return new SharedOut(
            array_map(
                static fn (int $i): array => [$from + $i * ($each + $made), $from + $i * ($each + $made) + $each],
                range(0, $best - 1),
            ),
            $made,
            $each,
        );
    }
}
