<?php

declare(strict_types=1);

namespace Inlaid\Core\Measure;

use Brick\Math\BigNumber;
use Brick\Math\BigRational;

/**
 * An exact amount: a volume in millilitres or a mass in grams.
 *
 * Immutable.
 */
final readonly class Quantity
{
    private function __construct(public Dimension $dimension, public BigRational $amount)
    {
    }

    /**
     * @throws InvalidMeasure if negative
     */
    public static function of(Dimension $dimension, BigNumber|int|string $amount): self
    {
        $exact = BigRational::of($amount);
        if ($exact->isNegative()) {
            throw InvalidMeasure::negativeAmount();
        }

        return new self($dimension, $exact->simplified());
    }

    /**
     * @throws InvalidMeasure if negative
     */
    public static function millilitres(BigNumber|int|string $ml): self
    {
        return self::of(Dimension::Volume, $ml);
    }

    /**
     * @throws InvalidMeasure if negative
     */
    public static function grams(BigNumber|int|string $g): self
    {
        return self::of(Dimension::Mass, $g);
    }
}
