<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

/**
 * How open the pores of a wood stand.
 */
enum Grain: string
{
    case Open = 'open';
    case Close = 'close';
    case None = 'none';
}
