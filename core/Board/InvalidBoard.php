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
        return new self('Applying a patch takes 1 s or more; times can\'t be negative.');
    }

    public static function tooManyPatches(int $most): self
    {
        return new self(\sprintf('Maximum %d patches per board.', $most));
    }

    public static function noSuchThing(string $key): self
    {
        return new self(\sprintf('“%s” can\'t be varied.', $key));
    }

    public static function doesNotSuit(string $thing, string $step): self
    {
        return new self(\sprintf('%s can\'t be varied in “%s”.', $thing, $step));
    }

    public static function needsStep(string $thing): self
    {
        return new self(\sprintf('Choose a step for: %s.', lcfirst($thing)));
    }

    public static function badLevel(string $thing, string $level, string $wanted): self
    {
        return new self(\sprintf('%s: “%s” isn\'t %s.', $thing, $level, $wanted));
    }

    public static function levels(int $most): self
    {
        return new self(\sprintf('Rows and columns have 1 to %d values each.', $most));
    }

    public static function sameTwice(string $level): self
    {
        return new self(\sprintf('“%s” exists twice.', $level));
    }

    public static function sameThingBothWays(string $thing): self
    {
        return new self(\sprintf('Rows and columns can\'t both vary the same: %s.', lcfirst($thing)));
    }

    public static function noSuchPatch(string $label): self
    {
        return new self(\sprintf('This board has no patch “%s”.', $label));
    }

    public static function badSize(int $least, int $most): self
    {
        return new self(\sprintf('Enter a patch size from %d to %d mm', $least, $most));
    }

    public static function badHands(): self
    {
        return new self('Enter 1 to 3600 s for applying or wiping a patch');
    }

    public static function nothingOnIt(): self
    {
        return new self('A board needs at least one step.');
    }
}
