<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * What decides where a technique does more or less, if it is not its own pattern: what stands proud, or what a resist lies under.
 */
enum Follows: string
{
    case Itself = 'itself';
    case Heights = 'heights';
    case Resist = 'resist';
}
