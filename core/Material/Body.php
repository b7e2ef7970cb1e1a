<?php

declare(strict_types=1);

namespace Inlaid\Core\Material;

use Brick\Math\BigRational;
use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\Quantity;

/**
 * What a material is made of, as far as measuring and laying it goes.
 *
 * Immutable. Densities in g/ml: `density` is the true one; `scooped` the bulk density a powder is measured by. `solids` is
 * the share of the volume that stays when dry; `build` the share of those solids that stays on top (a penetrating oil
 * keeps almost none there). `spread` in m²/L for one normal coat, null for what makes no film; `largestThinning` in
 * volumes of thinner to one volume of the material, null where the label names none; `slake` the minutes a powder rests once it is stirred
 * in, null where it need not.
 */
final readonly class Body
{
    private function __construct(
        public Carrier $carrier,
        public BigRational $density,
        public ?BigRational $scooped,
        public float $solids,
        public float $build,
        public ?float $spread,
        public ?float $largestThinning,
        public ?int $slake,
    ) {
    }

    /**
     * @throws InvalidMaterial if a figure cannot be true
     */
    public static function of(
        Carrier $carrier,
        BigRational $density,
        ?BigRational $scooped,
        float $solids,
        float $build,
        ?float $spread,
        ?float $largestThinning,
        ?int $slake = null,
    ): self {
        foreach (['Density' => $density, 'Scooped density' => $scooped] as $what => $value) {
            if (null !== $value && ($value->isLessThan('1/20') || $value->isGreaterThan(20))) {
                throw InvalidMaterial::outOfRange($what, 'between 0.05 and 20 g/ml');
            }
        }
        foreach (['Volume solids' => $solids, 'Build' => $build] as $what => $value) {
            if ($value < 0.0 || $value > 1.0) {
                throw InvalidMaterial::outOfRange($what, 'between 0 and 1');
            }
        }
        if (null !== $spread && ($spread < 0.2 || $spread > 200.0)) {
            throw InvalidMaterial::outOfRange('Spread rate', 'between 0.2 and 200 m²/L');
        }
        if (null !== $largestThinning && ($largestThinning < 0.0 || $largestThinning > 1000.0)) {
            throw InvalidMaterial::outOfRange('Maximum thinning', 'between 0 and 1000 volumes');
        }

        if (null !== $slake && ($slake < 0 || $slake > 2880)) {
            throw InvalidMaterial::outOfRange('Slaking', 'between 0 minutes and 2 days');
        }

        return new self(
            carrier: $carrier,
            density: $density->simplified(),
            scooped: $scooped?->simplified(),
            solids: $solids,
            build: $build,
            spread: $spread,
            largestThinning: $largestThinning,
            slake: $slake,
        );
    }

    /**
     * The density a spoon or jug meets: scooped for a powder, true for a liquid. In g/ml.
     */
    public function asMeasured(): BigRational
    {
        return $this->scooped ?? $this->density;
    }

    public function inGrams(Quantity $amount): BigRational
    {
        return Dimension::Mass === $amount->dimension ? $amount->amount : $amount->amount->multipliedBy($this->asMeasured());
    }
}
