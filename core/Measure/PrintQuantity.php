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
        return Dimension::Mass === $quantity->dimension
            ? $this->grams($quantity->amount->toFloat())
            : $this->millilitres($quantity->amount->toFloat());
    }

    public function millilitres(float $ml): string
    {
        return $this->in($this->volumeUnit($ml), $ml);
    }

    /** ml that somebody measures who reads what is printed, which is rounded. */
    public function asRead(float $ml): float
    {
        $unit = $this->volumeUnit($ml);
        $of = $this->size($unit);

        return round($ml / $of, self::decimals($ml / $of)) * $of;
    }

    public function grams(float $g): string
    {
        return $this->in(match (true) {
            UnitSystem::Metric !== $this->system && $g >= 28.349 => $g >= 453.592 ? Unit::Pound : Unit::Ounce,
            default => $g >= 1000 ? Unit::Kilogram : Unit::Gram,
        }, $g);
    }

    /**
     * @param float $amount in ml or g
     */
    private function in(Unit $unit, float $amount): string
    {
        $value = $amount / $this->size($unit);

        return ExactNumber::plain($value, self::decimals($value)).' '.$unit->value;
    }

    private function volumeUnit(float $ml): Unit
    {
        return match (true) {
            UnitSystem::Metric !== $this->system && $ml >= 14 => $ml >= 900 ? Unit::Quart : Unit::FluidOunce,
            UnitSystem::Metric === $this->system && $ml >= 1000 => Unit::Litre,
            default => Unit::Millilitre,
        };
    }

    /** ml or g of one. */
    private function size(Unit $unit): float
    {
        return Unit::Millilitre === $unit || Unit::Gram === $unit ? 1.0 : $unit->inBase($this->system, BigRational::one())->toFloat();
    }

    private static function decimals(float $value): int
    {
        return match (true) {
            $value < 10 => 2, $value < 200 => 1, default => 0
        };
    }
}
