<?php

declare(strict_types=1);

namespace Inlaid\Core\Measure;

use Inlaid\Core\ValidationError;

/**
 * An amount, a ratio or a measure that makes no sense.
 */
final class InvalidMeasure extends ValidationError
{
    public static function unreadable(string $text): self
    {
        return new self(\sprintf('"%s" is not an amount I can read. Write for example 40 ml, 1 1/2 cup, ¼ tsp, 12 drops, 500 g.', $text));
    }

    public static function unreadableRatio(string $text): self
    {
        return new self(\sprintf('"%s" is not a ratio I can read. Write for example 1:3, 2:1:0.5 or 25 %%.', $text));
    }

    public static function zeroDenominator(string $text): self
    {
        return new self(\sprintf('"%s" divides by nothing.', $text));
    }

    public static function negativePart(string $name): self
    {
        return new self(\sprintf('A part cannot be negative (%s).', $name));
    }

    public static function negativeAmount(): self
    {
        return new self('An amount cannot be negative.');
    }

    public static function oneIngredientLeft(string $text): self
    {
        return new self(\sprintf('%s leaves only one ingredient.', $text));
    }

    public static function nothingInIt(): self
    {
        return new self('A ratio needs at least one part that is more than nothing.');
    }

    public static function partsAndNames(int $parts, int $names): self
    {
        return new self(\sprintf('The ratio has %d parts, but %d ingredients are named.', $parts, $names));
    }

    public static function percentNeedsTwo(): self
    {
        return new self('A percentage says how two ingredients meet; with more of them write the parts, for example 2:1:1.');
    }

    public static function percentOutOfRange(): self
    {
        return new self('A share of the mix lies above 0 % and below 100 %.');
    }

    public static function unitNotOfSystem(string $unit, UnitSystem $system): self
    {
        return new self(\sprintf('%s measures have no "%s". Write ml, or choose other measures in the settings.', ucfirst($system->value), $unit));
    }

    public static function wrongDimension(Dimension $wanted): self
    {
        return new self(\sprintf('This must be a %s.', $wanted->value));
    }

    public static function uselessMeasure(string $name): self
    {
        return new self(\sprintf('The measure "%s" needs a step above zero and a capacity of at least one step.', $name));
    }

    public static function tooLong(): self
    {
        return new self('A number of more than 24 digits is no amount of paint.');
    }
}
