<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

/**
 * What would have to be changed in a recipe to keep a joint running.
 */
enum FitEdit: string
{
    case MovingBare = 'moving-bare';
    case FixedBare = 'fixed-bare';
    case FewerCoats = 'fewer-coats';
    case TakeOff = 'take-off';
}
