<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece\Shape\Kind;

use Inlaid\Core\Piece\Shape\Board;
use Inlaid\Core\Piece\Shape\Level;
use Inlaid\Core\Piece\Shape\Outline;

/**
 * Seen edge-on from the front.
 */
final class Top extends Board
{
    public function key(): string
    {
        return 'top';
    }

    public function name(): string
    {
        return 'Top';
    }

    public function outline(array $sizes): Outline
    {
        return new Outline($sizes['length'], $sizes['thickness']);
    }

    protected function usual(): array
    {
        return [900.0, 450.0, 22.0];
    }

    protected function finished(): array
    {
        return ['face', 'long-edges', 'short-edges'];
    }

    public function level(): Level
    {
        return Level::Top;
    }
}
