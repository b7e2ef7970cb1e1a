<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

/**
 * How an old finish holds.
 */
enum FinishState: string
{
    case Sound = 'sound';
    case Worn = 'worn';
    case Lifting = 'lifting';
}
