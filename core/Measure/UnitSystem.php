<?php

declare(strict_types=1);

namespace Inlaid\Core\Measure;

/**
 * Whose cup, spoon, fluid ounce and pint are meant: a studio chooses one and keeps to it.
 */
enum UnitSystem: string
{
    case Metric = 'metric';
    case US = 'us';
    case Imperial = 'imperial';
}
