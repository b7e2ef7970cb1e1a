<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\Quantity;

/**
 * Scales a flattened mix to a batch, exactly.
 */
final class MakeBatch
{
    /**
     * @param BigRational $yield in ml
     *
     * @throws InvalidMix if nothing is wanted
     */
    public function toYield(FlatMix $mix, BigRational $yield): Batch
    {
        if (!$yield->isPositive()) {
            throw InvalidMix::noBatchWanted();
        }

        return new Batch($yield->simplified(), array_map(static fn (Component $leaf): BatchLine => new BatchLine(
            material: $leaf->material,
            measured: $leaf->measured()->multipliedBy($yield)->simplified(),
            mass: $leaf->mass->multipliedBy($yield)->simplified(),
            volume: $leaf->volume->multipliedBy($yield)->simplified(),
        ), $mix->leaves));
    }

    /**
     * The batch that uses up all there is of one ingredient.
     *
     * @throws InvalidMix if the material is not in the mix or there is none of it
     */
    public function fromAllOf(FlatMix $mix, string $materialId, Quantity $have): Batch
    {
        foreach ($mix->leaves as $leaf) {
            if ($leaf->material->id === $materialId) {
                $perMl = Dimension::Mass === $have->dimension ? $leaf->mass : $leaf->measured();

                return $this->toYield($mix, $have->amount->dividedBy($perMl));
            }
        }

        throw InvalidMix::notInTheMix($materialId);
    }
}
