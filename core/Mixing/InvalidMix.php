<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Inlaid\Core\ValidationError;

/**
 * A mix that cannot be made.
 */
final class InvalidMix extends ValidationError
{
    public static function nothingInIt(string $mix): self
    {
        return new self(\sprintf('The mix "%s" has nothing in it.', $mix));
    }

    public static function negativePart(string $part): self
    {
        return new self(\sprintf('A part cannot be negative (%s).', $part));
    }

    public static function notInTheMix(string $material): self
    {
        return new self(\sprintf('There is no %s in this mix.', $material));
    }

    public static function badVessel(string $why): self
    {
        return new self($why);
    }

    public static function noBatchWanted(): self
    {
        return new self('Say how much is wanted: more than nothing.');
    }

    public static function emptyPot(): self
    {
        return new self('There is nothing in the pot yet.');
    }

    /**
     * @param list<string> $materials
     */
    public static function strangers(array $materials, string $mix): self
    {
        return new self(\sprintf('%s is in the pot and not in "%s": nothing that is added takes it out again.', implode(' and ', $materials), $mix));
    }

    public static function fullerThanFull(): self
    {
        return new self('There is more in the pot than it holds.');
    }

    public static function badLadder(int $most): self
    {
        return new self(\sprintf('A ladder has 2 to %d rungs.', $most));
    }

    public static function heavierThanItWas(): self
    {
        return new self('It is heavier than when it was closed: something was added, or the lid was not weighed.');
    }

    public static function lostTooMuch(string $thinner): self
    {
        return new self(\sprintf('That is more than there was to evaporate of %s: weigh again, with the same pot and lid.', $thinner));
    }

    public static function nothingEvaporated(): self
    {
        return new self('It weighs what it weighed: nothing has evaporated.');
    }

    public static function notEnough(): self
    {
        return new self('There is not enough for so much, even with what can be added.');
    }

    public static function nothingMoreToPour(): self
    {
        return new self('Everything that is in the mix has been poured.');
    }

    public static function tooManyPaints(int $most): self
    {
        return new self(\sprintf('A match is looked for among %d paints at most: more are not mixed by hand, and take long.', $most));
    }

    public static function nothingToMatchWith(): self
    {
        return new self('None of these is a paint of which the full-strength colour is known.');
    }

    public static function nothingToThinWith(): self
    {
        return new self('This step has no thinner in its mix. Mix one in, and how much of it is found.');
    }

    public static function nothingToLookAt(string $part): self
    {
        return new self(\sprintf('%s has no grain, so no pores to look at.', $part));
    }
}
