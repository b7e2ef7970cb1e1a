<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

/**
 * What hands and things will do to it.
 */
enum Wear: string
{
    case Light = 'light';
    case Daily = 'daily';
    case Hard = 'hard';
}
