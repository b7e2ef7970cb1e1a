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
        return new self(\sprintf('“%s” isn\'t an amount. Try 40 ml, 1 1/2 cup, ¼ tsp, 12 drops or 500 g.', $text));
    }

    public static function unreadableRatio(string $text): self
    {
        return new self(\sprintf('“%s” isn\'t a ratio. Try 1:3, 2:1:0.5 or 25 %%.', $text));
    }

    public static function zeroDenominator(string $text): self
    {
        return new self(\sprintf('“%s” divides by zero.', $text));
    }

    public static function negativePart(string $name): self
    {
        return new self(\sprintf('A part can\'t be negative (%s).', $name));
    }

    public static function negativeAmount(): self
    {
        return new self('An amount can\'t be negative.');
    }

    public static function oneIngredientLeft(string $text): self
    {
        return new self(\sprintf('%s leaves only one ingredient.', $text));
    }

    public static function nothingInIt(): self
    {
        return new self('A ratio needs at least one part above 0.');
    }

    public static function partsAndNames(int $parts, int $names): self
    {
        return new self(\sprintf('The ratio has %d parts but there are %d ingredients.', $parts, $names));
    }

    public static function percentNeedsTwo(): self
    {
        return new self('A percentage needs exactly two ingredients. With more, enter parts such as 2:1:1.');
    }

    public static function percentOutOfRange(): self
    {
        return new self('A share of the mix must be above 0 % and below 100 %.');
    }

    public static function unitNotOfSystem(string $unit, UnitSystem $system): self
    {
        return new self(\sprintf('%s measures have no “%s”. Use ml or change units in Settings.', ucfirst($system->value), $unit));
    }

    public static function wrongDimension(Dimension $wanted): self
    {
        return new self(\sprintf('This must be a %s.', $wanted->value));
    }

    public static function uselessMeasure(string $name): self
    {
        return new self(\sprintf('The measure “%s” needs a step above zero and a capacity of at least one step.', $name));
    }

    public static function tooLong(): self
    {
        return new self('This number is too long. Enter 24 digits or fewer.');
    }
}
