<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

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
    /** One coat more of a step than planned. */
    case More = 'more';
    /** A step is with the mix of another. */
    case Mix = 'mix';
    /** A step is done once more, before another. */
    case Insert = 'insert';
    /** It was not so even after the last round: what is kept for that is done. */
    case Instead = 'instead';
    /** Something nobody planned is done, before a step or at the end. */
    case Improvised = 'improvised';
    /** A step that is not done yet is done with another hand, on another share, with another tool … */
    case Otherwise = 'otherwise';
    case Note = 'note';
    case Colour = 'colour';
    case Retract = 'retract';

    /** Does it make the recipe of the run another? */
    public function isChange(): bool
    {
        return \in_array($this, [self::More, self::Mix, self::Insert, self::Instead, self::Improvised, self::Otherwise], true);
    }

    /** Is what is done said by the entry itself? */
    public function isImprovised(): bool
    {
        return self::Improvised === $this || self::Otherwise === $this;
    }

    /** Does it rewrite a step, so that this must not be done yet? */
    public function rewrites(): bool
    {
        return self::Mix === $this || self::Otherwise === $this;
    }

    /** Does it belong to a step? */
    public function isOfStep(): bool
    {
        return !\in_array($this, [self::Climate, self::Retract, self::Improvised], true);
    }
}
