<?php

declare(strict_types=1);

namespace Inlaid\Core\Layout;

/**
 * Which way the rest of a sheet is cut once a piece has been taken from its corner.
 */
enum RestOfSheet
{
    case LargestPiece;
    case AlongFirst;
    case AcrossFirst;

    /**
     * @return list<Cut> at most two pieces
     */
    public function cut(Cut $of, Cut $taken): array
    {
        [$l, $w] = [$of->length - $taken->length, $of->width - $taken->width];
        $across = [new Cut($l, $of->width), new Cut($taken->length, $w)];
        $along = [new Cut($l, $taken->width), new Cut($of->length, $w)];
        $way = match ($this) {
            self::LargestPiece => max($l * $of->width, $taken->length * $w) >= max($l * $taken->width, $of->length * $w) ? $across : $along,
            self::AlongFirst => $along,
            self::AcrossFirst => $across,
        };

        return array_values(array_filter($way, static fn (Cut $c): bool => min($c->length, $c->width) > 1e-6));
    }
}
