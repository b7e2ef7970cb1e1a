<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece\Shape\Kind;

use Inlaid\Core\Piece\Shape\Board;
use Inlaid\Core\Piece\Shape\Level;
use Inlaid\Core\Piece\Shape\Outline;

/**
 * Seen from above and below.
 */
final class ShelfBoard extends Board
{
    public function key(): string
    {
        return 'shelf';
    }

    public function name(): string
    {
        return 'Shelf';
    }

    public function outline(array $sizes): Outline
    {
        return new Outline($sizes['length'], $sizes['thickness']);
    }

    protected function usual(): array
    {
        return [800.0, 300.0, 18.0];
    }

    protected function finished(): array
    {
        return ['face', 'reverse', 'long-edges'];
    }

    public function level(): Level
    {
        return Level::Low;
    }

    /** The back and both ends. */
    public function border(array $sizes): float
    {
        return $sizes['length'] + 2 * $sizes['width'];
    }
}
