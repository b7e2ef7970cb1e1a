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
        if (Dimension::Mass === $quantity->dimension) {
            return $this->scaled($quantity->amount, UnitSystem::Metric === $this->system ? [[Unit::Kilogram, '1000'], [Unit::Gram, '0']] : [[Unit::Pound, '453.59237'], [Unit::Ounce, '0']]);
        }

        return $this->scaled($quantity->amount, match ($this->system) {
            UnitSystem::Metric => [[Unit::Litre, '1000'], [Unit::Millilitre, '0']],
            default => [[Unit::Quart, '900'], [Unit::FluidOunce, '14'], [Unit::Millilitre, '0']],
        });
    }

    /**
     * @param non-empty-list<array{Unit, string}> $steps units from large to small, each with the least amount it is used from
     */
    private function scaled(BigRational $amount, array $steps): string
    {
        foreach ($steps as [$unit, $from]) {
            if ($amount->isGreaterThanOrEqualTo(BigRational::of($from))) {
                break;
            }
        }
        $value = $amount->dividedBy($unit->inBase($this->system, BigRational::one()));
        $decimals = match (true) {
            $value->isLessThan(10) => 2, $value->isLessThan(100) => 1, default => 0
        };

        return ExactNumber::decimal($value, $decimals).' '.$unit->value;
    }
}
