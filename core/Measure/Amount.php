<?php

declare(strict_types=1);

namespace Inlaid\Core\Measure;

use Brick\Math\BigRational;

/**
 * An amount as it is shown: in numbers, exactly, and in the studio's units.
 *
 * Immutable. `ml` as measured; `exact` the same as an exact number, to a ten-thousandth where that is no number a person would write; `g`
 * null where the density does not matter.
 */
final readonly class Amount
{
    public function __construct(public float $ml, public string $exact, public ?float $g, public string $text)
    {
    }

    public static function of(BigRational $ml, UnitSystem $units, ?BigRational $g = null): self
    {
        $number = $ml->toFloat();

        return new self(
            ml: round($number, 4),
            exact: ExactNumber::written($ml),
            g: null === $g ? null : round($g->toFloat(), 3),
            text: (new PrintQuantity($units))->millilitres($number),
        );
    }
}
