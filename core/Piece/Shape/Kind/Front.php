<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece\Shape\Kind;

use Inlaid\Core\Piece\Shape\Board;

/**
 * Faces the one who looks.
 */
final class Front extends Board
{
    public function key(): string
    {
        return 'front';
    }

    public function name(): string
    {
        return 'Front or panel';
    }

    protected function usual(): array
    {
        return [600.0, 400.0, 19.0];
    }

    protected function finished(): array
    {
        return ['face', 'long-edges', 'short-edges'];
    }
}
