<?php

declare(strict_types=1);

namespace Inlaid\Core\Layout;

/**
 * Cuts what is wanted from as few sheets as it finds, with cuts from edge to edge, and keeps what is left over.
 *
 * The largest first, each from the smallest left-over it fits (best area fit), the rest of that cut in each of three ways all through; the
 * best of the three is told. Nothing is turned, because grain and print have a direction. No fewer sheets are needed than the area of all
 * cuts ÷ the area of one: that is told along.
 */
final class CutSheets
{
    /** An offcut narrower than this, mm, is waste. */
    private const WORTH_KEEPING = 40.0;

    /**
     * @param list<Cut> $cuts
     *
     * @throws InvalidLayout if one is larger than a sheet
     */
    public function cut(array $cuts, float $length, float $width): SheetsCut
    {
        usort($cuts, static fn (Cut $a, Cut $b): int => [$b->length * $b->width, $b->length] <=> [$a->length * $a->width, $a->length]);
        $bound = (int) ceil(array_sum(array_map(static fn (Cut $c): float => $c->length * $c->width, $cuts)) / ($length * $width) - 1e-9);
        $tries = array_map(
            static fn (RestOfSheet $rule): SheetsCut => self::by(rule: $rule, cuts: $cuts, length: $length, width: $width, bound: $bound),
            RestOfSheet::cases(),
        );
        usort($tries, static fn (SheetsCut $a, SheetsCut $b): int => [$a->sheets, $b->largest()] <=> [$b->sheets, $a->largest()]);

        return $tries[0];
    }

    /**
     * @param list<Cut> $cuts
     */
    private static function by(RestOfSheet $rule, array $cuts, float $length, float $width, int $bound): SheetsCut
    {
        $sheets = 0;
        /** @var list<Cut> $left */
        $left = [];
        foreach ($cuts as $cut) {
            if ($cut->length > $length + 1e-6 || $cut->width > $width + 1e-6) {
                throw InvalidLayout::doesNotFit('A cut needs', max($cut->length, $cut->width), max($length, $width));
            }
            $from = self::smallest($left, $cut);
            if (null === $from) {
                ++$sheets;
                $left[] = new Cut($length, $width);
                $from = \count($left) - 1;
            }
            [$taken] = array_splice($left, $from, 1);
            array_push($left, ...$rule->cut($taken, $cut));
        }
        $kept = array_values(array_filter($left, static fn (Cut $c): bool => min($c->length, $c->width) >= self::WORTH_KEEPING));
        usort($kept, static fn (Cut $a, Cut $b): int => $b->length * $b->width <=> $a->length * $a->width);

        return new SheetsCut($sheets, $bound, $kept);
    }

    /**
     * @param list<Cut> $left
     */
    private static function smallest(array $left, Cut $cut): ?int
    {
        $best = null;
        foreach ($left as $i => $of) {
            if (
                $of->length >= $cut->length - 1e-6
                && $of->width >= $cut->width - 1e-6
                && (null === $best || $of->length * $of->width < $left[$best]->length * $left[$best]->width)
            ) {
                $best = $i;
            }
        }

        return $best;
    }
}
