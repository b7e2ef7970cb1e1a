<?php

declare(strict_types=1);

namespace Inlaid\Core\Measure;

use Brick\Math\BigRational;

/**
 * Prints an amount in the studio's own units. Printing rounds; the amount itself never changes.
 *
 * What is less than about a tablespoon or an ounce is said in ml or g everywhere: fractions of an ounce would round too far.
 */
final readonly class PrintQuantity
{
    public function __construct(private UnitSystem $system = UnitSystem::Metric)
    {
    }

    public function inWords(Quantity $quantity): string
    {
        $large = $quantity->amount->toFloat();
        $unit = match (true) {
            Dimension::Mass === $quantity->dimension && UnitSystem::Metric !== $this->system && $large >= 28.349 => $large >= 453.592 ? Unit::Pound : Unit::Ounce,
            Dimension::Mass === $quantity->dimension => $large >= 1000 ? Unit::Kilogram : Unit::Gram,
            UnitSystem::Metric !== $this->system && $large >= 14 => $large >= 900 ? Unit::Quart : Unit::FluidOunce,
            UnitSystem::Metric === $this->system && $large >= 1000 => Unit::Litre,
            default => Unit::Millilitre,
        };
        $value = Unit::Millilitre === $unit || Unit::Gram === $unit ? $large : $large / $unit->inBase($this->system, BigRational::one())->toFloat();
        $decimals = match (true) {
            $value < 10 => 2, $value < 200 => 1, default => 0
        };

        return ExactNumber::plain($value, $decimals).' '.$unit->value;
    }
}
