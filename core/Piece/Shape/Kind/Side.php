<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece\Shape\Kind;

use Inlaid\Core\Piece\Shape\Board;
use Inlaid\Core\Piece\Shape\Outline;

/**
 * Stands upright; from the front only its edge is seen.
 */
final class Side extends Board
{
    public function key(): string
    {
        return 'side';
    }

    public function name(): string
    {
        return 'Side';
    }

    public function outline(array $sizes): Outline
    {
        return new Outline($sizes['thickness'], $sizes['length']);
    }

    protected function usual(): array
    {
        return [700.0, 400.0, 19.0];
    }

    protected function finished(): array
    {
        return ['face', 'long-edges'];
    }
}
