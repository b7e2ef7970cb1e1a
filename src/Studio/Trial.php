<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

/**
 * What came of trying a remedy.
 */
enum Trial: string
{
    case Helps = 'helps';
    case Lacks = 'lacks';
    case Stays = 'stays';
    case Worse = 'worse';
    case Untried = 'untried';
}
