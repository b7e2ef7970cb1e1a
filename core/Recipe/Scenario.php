<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

/**
 * How the work may go where a step is repeated until something is so: at the first try, as expected, or to the last round allowed.
 */
enum Scenario: string
{
    case Least = 'least';
    case Expected = 'expected';
    case Most = 'most';
}
