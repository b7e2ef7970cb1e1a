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
        return new self(\sprintf('The mix “%s” has nothing in it.', $mix));
    }

    public static function negativePart(string $part): self
    {
        return new self(\sprintf('A part can\'t be negative (%s).', $part));
    }

    public static function notInTheMix(string $material): self
    {
        return new self(\sprintf('This mix has no %s.', $material));
    }

    public static function badVessel(string $why): self
    {
        return new self($why);
    }

    public static function noBatchWanted(): self
    {
        return new self('Enter an amount above 0.');
    }

    public static function emptyPot(): self
    {
        return new self('The pot is empty.');
    }

    /**
     * @param list<string> $materials
     */
    public static function strangers(array $materials, string $mix): self
    {
        return new self(\sprintf('%s is in the pot and not in “%s”: nothing you add can remove it.', implode(' and ', $materials), $mix));
    }

    public static function fullerThanFull(): self
    {
        return new self('The contents are more than the pot capacity.');
    }

    public static function badLadder(int $most): self
    {
        return new self(\sprintf('Enter 2 to %d strengths', $most));
    }

    public static function heavierThanItWas(): self
    {
        return new self('It is heavier than when sealed: something was added, or the lid wasn\'t weighed.');
    }

    public static function lostTooMuch(string $thinner): self
    {
        return new self(\sprintf('The loss is more than all the %s in it. Weigh again with the same pot and lid.', $thinner));
    }

    public static function nothingEvaporated(): self
    {
        return new self('Same weight: nothing has evaporated.');
    }

    public static function notEnough(): self
    {
        return new self('Not enough for this amount. Enter a smaller amount or add material.');
    }

    public static function nothingMoreToPour(): self
    {
        return new self('All ingredients are poured.');
    }

    public static function tooManyPaints(int $most): self
    {
        return new self(\sprintf('Choose %d paints or fewer.', $most));
    }

    public static function nothingToMatchWith(): self
    {
        return new self('None of these paints has a full-strength colour. Enter it on the shelf.');
    }

    public static function nothingToVary(): self
    {
        return new self('This step uses no mix of two or more parts there. Mix it first.');
    }

    public static function nothingToThinWith(): self
    {
        return new self('This mix has no thinner. A stripe tells how much of it there is.');
    }

    public static function nothingToLookThrough(): self
    {
        return new self('A stripe of this tells nothing: it has no colour, or it is metallic.');
    }

    public static function nothingToLookAt(string $part): self
    {
        return new self(\sprintf('%s has no grain, so it has no pores.', $part));
    }
}
