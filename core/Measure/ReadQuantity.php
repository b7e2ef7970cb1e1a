<?php

declare(strict_types=1);

namespace Inlaid\Core\Measure;

use Brick\Math\BigRational;

/**
 * Reads "1 1/2 cup", "¼ tsp", "12 drops", "500 g" into an exact amount.
 */
final readonly class ReadQuantity
{
    private BigRational $drop;

    public function __construct(private UnitSystem $system = UnitSystem::Metric, ?BigRational $drop = null)
    {
        $this->drop = $drop ?? BigRational::of('0.05');
    }

    /**
     * @throws InvalidMeasure if it is no amount, is negative, or names a unit the studio's measures do not have
     */
    public function read(string $text): Quantity
    {
        if (1 !== preg_match('/^\s*(-?[\d\s.,\/⁄½⅓⅔¼¾⅛⅜⅝⅞⅙⅚⅕−]+?)\s*(\p{L}[\p{L}. ]*)\s*$/u', Spoken::inFigures($text), $m)) {
            throw InvalidMeasure::unreadable($text);
        }
        $unit = Unit::named($m[2]) ?? throw InvalidMeasure::unreadable($text);

        return Quantity::of($unit->dimension(), ExactNumber::parse($m[1])->multipliedBy($unit->inBase($this->system, $this->drop)));
    }
}
