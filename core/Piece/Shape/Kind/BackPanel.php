<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece\Shape\Kind;

use Inlaid\Core\Piece\Shape\Board;

/**
 * Only its inside is seen.
 */
final class BackPanel extends Board
{
    public function key(): string
    {
        return 'back';
    }

    public function name(): string
    {
        return 'Back';
    }

    protected function usual(): array
    {
        return [800.0, 700.0, 6.0];
    }

    protected function finished(): array
    {
        return ['face'];
    }
}
