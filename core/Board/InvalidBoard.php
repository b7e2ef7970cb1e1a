<?php

declare(strict_types=1);

namespace Inlaid\Core\Board;

use Inlaid\Core\ValidationError;

/**
 * A board that cannot be laid.
 */
final class InvalidBoard extends ValidationError
{
    public static function badTiming(): self
    {
        return new self('Laying a patch takes at least a second, and no time is less than nothing.');
    }

    public static function tooManyPatches(int $most): self
    {
        return new self(\sprintf('A board has at most %d patches.', $most));
    }

    public static function noSuchThing(string $key): self
    {
        return new self(\sprintf('Nothing called "%s" can be varied.', $key));
    }

    public static function doesNotSuit(string $thing, string $step): self
    {
        return new self(\sprintf('%s cannot be varied in "%s".', $thing, $step));
    }

    public static function needsStep(string $thing): self
    {
        return new self(\sprintf('Say in which step: %s.', lcfirst($thing)));
    }

    public static function badLevel(string $thing, string $level, string $wanted): self
    {
        return new self(\sprintf('%s: "%s" is not %s.', $thing, $level, $wanted));
    }

    public static function levels(int $most): self
    {
        return new self(\sprintf('Rows and columns have between 1 and %d steps each.', $most));
    }

    public static function sameTwice(string $level): self
    {
        return new self(\sprintf('"%s" is there twice.', $level));
    }

    public static function sameThingBothWays(string $thing): self
    {
        return new self(\sprintf('Rows and columns cannot both vary the same: %s.', lcfirst($thing)));
    }

    public static function noSuchPatch(string $label): self
    {
        return new self(\sprintf('There is no patch "%s" on this board.', $label));
    }

    public static function badSize(int $least, int $most): self
    {
        return new self(\sprintf('A patch is between %d and %d mm wide and high.', $least, $most));
    }

    public static function badHands(): self
    {
        return new self('Laying or wiping a patch takes between 1 and 3600 s.');
    }

    public static function nothingOnIt(): self
    {
        return new self('Nothing is laid on this board: it needs at least one step.');
    }
}
