<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * Which share of a place a step is done to, where it is not all of it.
 */
enum Chosen: string
{
    /** What is bare or has another colour than the rest, as one touches up. */
    case Needing = 'needing';
    case HereAndThere = 'here-and-there';
}
