<?php

declare(strict_types=1);

namespace Inlaid\Core\Measure;

use Brick\Math\BigRational;

/**
 * A unit painters measure in. Volumes count in millilitres, masses in grams, exactly.
 *
 * US customary from the gallon of 231 cubic inches (3785.411784 ml); imperial from the gallon of 4.54609 l; the imperial
 * cup is half a pint, its tablespoon 5/8 fl oz and its teaspoon a third of that. Metric kitchens use 250, 15 and 5 ml.
 */
enum Unit: string
{
    case Millilitre = 'ml';
    case Litre = 'l';
    case Drop = 'drop';
    case Teaspoon = 'tsp';
    case Tablespoon = 'tbsp';
    case FluidOunce = 'fl oz';
    case Cup = 'cup';
    case Pint = 'pint';
    case Quart = 'quart';
    case Gallon = 'gallon';
    case Gram = 'g';
    case Kilogram = 'kg';
    case Ounce = 'oz';
    case Pound = 'lb';

    private const ALIASES = [
        'millilitre' => 'ml',
        'milliliter' => 'ml',
        'litre' => 'l',
        'liter' => 'l',
        'gtt' => 'drop',
        'teaspoon' => 'tsp',
        'tablespoon' => 'tbsp',
        'floz' => 'fl oz',
        'fluid ounce' => 'fl oz',
        'pt' => 'pint',
        'qt' => 'quart',
        'gal' => 'gallon',
        'gram' => 'g',
        'gramme' => 'g',
        'kilo' => 'kg',
        'kilogram' => 'kg',
        'ounce' => 'oz',
        'pound' => 'lb',
    ];

    /**
     * Finds the unit behind a word, with plurals and usual spellings.
     */
    public static function named(string $word): ?self
    {
        $word = preg_replace('/\s+/', ' ', rtrim(mb_strtolower(trim($word)), '.')) ?? $word;
        foreach ([$word, preg_replace('/s$/', '', $word) ?? $word] as $try) {
            $unit = self::tryFrom($try) ?? self::tryFrom(self::ALIASES[$try] ?? '');
            if (null !== $unit) {
                return $unit;
            }
        }

        return null;
    }

    public function dimension(): Dimension
    {
        return match ($this) {
            self::Gram, self::Kilogram, self::Ounce, self::Pound => Dimension::Mass,
            default => Dimension::Volume,
        };
    }

    /**
     * How many ml or g one of this unit is.
     *
     * @param BigRational $drop the studio's own drop in ml
     *
     * @throws InvalidMeasure if the system has no such unit
     */
    public function inBase(UnitSystem $system, BigRational $drop): BigRational
    {
        $text = match ($this) {
            self::Millilitre, self::Gram => '1',
            self::Litre, self::Kilogram => '1000',
            self::Drop => null,
            self::Ounce => '28.349523125',
            self::Pound => '453.59237',
            self::Teaspoon => match ($system) {
                UnitSystem::Metric => '5', UnitSystem::US => '4.92892159375', UnitSystem::Imperial => '284130625/48000000'
            },
            self::Tablespoon => match ($system) {
                UnitSystem::Metric => '15', UnitSystem::US => '14.78676478125', UnitSystem::Imperial => '17.7581640625'
            },
            self::Cup => match ($system) {
                UnitSystem::Metric => '250', UnitSystem::US => '236.5882365', UnitSystem::Imperial => '284.130625'
            },
            self::FluidOunce => match ($system) {
                UnitSystem::Metric => null, UnitSystem::US => '29.5735295625', UnitSystem::Imperial => '28.4130625'
            },
            self::Pint => match ($system) {
                UnitSystem::Metric => null, UnitSystem::US => '473.176473', UnitSystem::Imperial => '568.26125'
            },
            self::Quart => match ($system) {
                UnitSystem::Metric => null, UnitSystem::US => '946.352946', UnitSystem::Imperial => '1136.5225'
            },
            self::Gallon => match ($system) {
                UnitSystem::Metric => null, UnitSystem::US => '3785.411784', UnitSystem::Imperial => '4546.09'
            },
        };
        if (self::Drop === $this) {
            return $drop;
        }

        return null === $text ? throw InvalidMeasure::unitNotOfSystem($this->value, $system) : BigRational::of($text);
    }
}
