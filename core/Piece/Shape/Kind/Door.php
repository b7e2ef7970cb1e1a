<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece\Shape\Kind;

use Inlaid\Core\Piece\Shape\Board;
use Inlaid\Core\Piece\Shape\Level;
use Inlaid\Core\Piece\Shape\Outline;

/**
 * Seen from both sides, so both are finished.
 */
final class Door extends Board
{
    public function key(): string
    {
        return 'door';
    }

    public function name(): string
    {
        return 'Door';
    }

    public function outline(array $sizes): Outline
    {
        return new Outline($sizes['width'], $sizes['length']);
    }

    protected function usual(): array
    {
        return [600.0, 400.0, 19.0];
    }

    protected function finished(): array
    {
        return ['face', 'reverse', 'long-edges', 'short-edges'];
    }

    public function level(): Level
    {
        return Level::Apart;
    }
}
