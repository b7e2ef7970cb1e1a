<?php

declare(strict_types=1);

namespace Inlaid\Core\Bench;

/**
 * What can be noted at the bench.
 */
enum EventKind: string
{
    case Started = 'started';
    case Finished = 'finished';
    /** A coat was seen to become dry enough for the next. */
    case Dried = 'dried';
    case Poured = 'poured';
    case Climate = 'climate';
    case Passed = 'passed';
    case Again = 'again';
    case Skipped = 'skipped';
    case Note = 'note';
    case Colour = 'colour';
    case Retract = 'retract';

    /** Does it belong to a step? */
    public function isOfStep(): bool
    {
        return !\in_array($this, [self::Climate, self::Retract], true);
    }
}
