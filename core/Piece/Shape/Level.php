<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece\Shape;

/**
 * Where a part stands in a piece, from above downwards; or that it is taken out or off to be worked on.
 */
enum Level: int
{
    case Top = 3;
    case Body = 2;
    case Low = 1;
    case Apart = 0;
}
