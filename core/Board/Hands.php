<?php

declare(strict_types=1);

namespace Inlaid\Core\Board;

/**
 * Who lays a board: one alone, or one who lays and another who wipes.
 */
enum Hands: string
{
    case One = 'one';
    case Two = 'two';
}
