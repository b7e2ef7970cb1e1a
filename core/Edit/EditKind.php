<?php

declare(strict_types=1);

namespace Inlaid\Core\Edit;

/**
 * What a remedy, or a patch of a board, does to a recipe.
 */
enum EditKind: string
{
    case Insert = 'insert';
    case Move = 'move';
    case Copy = 'copy';
    case Change = 'change';
    case TakeOut = 'take-out';
    case CleanUp = 'clean-up';
    case UseFrom = 'use-from';
    case LeaveBare = 'leave-bare';
    case Shares = 'shares';
    case Ground = 'ground';
    case Improvise = 'improvise';
    case Otherwise = 'otherwise';
}
