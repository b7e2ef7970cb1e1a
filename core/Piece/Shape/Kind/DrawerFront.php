<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece\Shape\Kind;

use Inlaid\Core\Piece\Shape\Board;
use Inlaid\Core\Piece\Shape\Level;

/**
 * The front of a drawer; its box is left bare.
 */
final class DrawerFront extends Board
{
    public function key(): string
    {
        return 'drawer';
    }

    public function name(): string
    {
        return 'Drawer';
    }

    protected function usual(): array
    {
        return [500.0, 150.0, 19.0];
    }

    protected function finished(): array
    {
        return ['face', 'long-edges', 'short-edges'];
    }

    public function level(): Level
    {
        return Level::Apart;
    }
}
