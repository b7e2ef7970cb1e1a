<?php

declare(strict_types=1);

namespace Inlaid\Core\Layout;

/**
 * Where the seams between sheets fall: the same at both ends, or from one end with what is left over at the other.
 */
enum Seams: string
{
    case Balanced = 'balanced';
    case FromOneEnd = 'from-one-end';

    public function inWords(): string
    {
        return self::Balanced === $this ? 'the same at both ends' : 'from one end';
    }

    /**
     * As few sheets as cover a length.
     *
     * @param bool $inStep whether every sheet must begin a whole number of sheets from the first, as a pattern asks: then nothing is
     *                     balanced
     *
     * @return non-empty-list<array{float, float}> from and to of each, mm, laps counted in
     */
    public function over(float $length, float $sheet, float $lap, bool $inStep): array
    {
        $count = (int) max(1, ceil(($length - $lap) / ($sheet - $lap) - 1e-9));
        if (1 === $count) {
            return [[0.0, $length]];
        }
        // What the two at the ends share out between them, each with its one lap.
        $first = self::Balanced === $this && !$inStep ? ($length + ($count - 1) * $lap - ($count - 2) * $sheet) / 2 : $sheet;

        return array_map(static function (int $i) use ($first, $sheet, $lap, $length): array {
            $from = 0 === $i ? 0.0 : $first - $lap + ($i - 1) * ($sheet - $lap);

            return [$from, min($length, 0 === $i ? $first : $from + $sheet)];
        }, range(0, $count - 1));
    }
}
