<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * What a technique does to bare wood itself.
 */
enum OnWood
{
    case Nothing;
    case Bleaches;
    case Conditions;
}
