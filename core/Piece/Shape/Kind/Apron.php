<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece\Shape\Kind;

use Inlaid\Core\Piece\Shape\Board;
use Inlaid\Core\Piece\Shape\Level;

/**
 * Its face and lower edge are seen.
 */
final class Apron extends Board
{
    public function key(): string
    {
        return 'apron';
    }

    public function name(): string
    {
        return 'Apron';
    }

    protected function usual(): array
    {
        return [800.0, 90.0, 20.0];
    }

    protected function finished(): array
    {
        return ['face', 'long-edges'];
    }

    public function level(): Level
    {
        return Level::Low;
    }

    /** Its upper edge and both ends. */
    public function border(array $sizes): float
    {
        return $sizes['length'] + 2 * $sizes['width'];
    }
}
