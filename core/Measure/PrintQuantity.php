<?php

declare(strict_types=1);

namespace Inlaid\Core\Measure;

use Brick\Math\BigRational;

/**
 * Prints an amount in the studio's own units. Printing rounds; the amount itself never changes.
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
            Dimension::Mass === $quantity->dimension && UnitSystem::Metric !== $this->system => $large >= 453.59237 ? Unit::Pound : Unit::Ounce,
            Dimension::Mass === $quantity->dimension => $large >= 1000 ? Unit::Kilogram : Unit::Gram,
            UnitSystem::Metric !== $this->system && $large >= 14 => $large >= 900 ? Unit::Quart : Unit::FluidOunce,
            UnitSystem::Metric === $this->system && $large >= 1000 => Unit::Litre,
            default => Unit::Millilitre,
        };
        $value = Unit::Millilitre === $unit || Unit::Gram === $unit ? $large : $large / $unit->inBase($this->system, BigRational::one())->toFloat();
        $text = number_format($value, match (true) {
            $value < 10 => 2, $value < 100 => 1, default => 0
        }, '.', '');

        return (str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text).' '.$unit->value;
    }
}
