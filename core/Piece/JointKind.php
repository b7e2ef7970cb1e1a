<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

/**
 * How one part moves in or against another.
 */
enum JointKind: string
{
    case Drawer = 'drawer';
    case Door = 'door';
    case Lid = 'lid';
    case Shelf = 'shelf';

    public function inWords(): string
    {
        return match ($this) {
            self::Drawer => 'Drawer in opening', self::Door => 'Door in frame', self::Lid => 'Lid on rim', self::Shelf => 'Sliding shelf',
        };
    }

    /**
     * How many gaps share what the moving part swells: a drawer or door has one on either side.
     */
    public function gaps(): int
    {
        return self::Lid === $this ? 1 : 2;
    }
}
