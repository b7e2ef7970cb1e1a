<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

/**
 * Whether it is settled where the pulls of a part will be: that is where hands wear it.
 */
enum Pulls: string
{
    case Placed = 'placed';
    case Open = 'open';
}
