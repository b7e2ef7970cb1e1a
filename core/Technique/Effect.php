<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * What a step does to the finish: adds a film, takes some away, alters what is there; or only handles the parts, or lets time pass.
 */
enum Effect: string
{
    case Adds = 'adds';
    case TakesAway = 'takes-away';
    case Alters = 'alters';
    case Handles = 'handles';
    case Waits = 'waits';
}
