<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * What decides where a technique does more or less, if it is not its own pattern: what stands proud, what a resist lies under, or what
 * needs it most.
 */
enum Follows: string
{
    case Itself = 'itself';
    case Heights = 'heights';
    case Resist = 'resist';
    case Need = 'need';
}
