<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

/**
 * What to wait for before the next step.
 */
enum WaitUntil: string
{
    case Touch = 'touch';
    case Recoat = 'recoat';
    case Through = 'through';
    case Cure = 'cure';
    case Overnight = 'overnight';
    case Minutes = 'minutes';
    case Nothing = 'nothing';
}
