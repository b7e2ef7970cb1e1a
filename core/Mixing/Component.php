<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Material\Material;

/**
 * One material in a flattened mix, with what of it is in one millilitre of the mix.
 *
 * Immutable. `mass` in g, `volume` in ml of true volume, both per ml of yield; the volumes of all leaves sum to exactly 1. `share`
 * is the volume as a float.
 */
final readonly class Component
{
    public float $share;
    private BigRational $measured;

    public function __construct(public Material $material, public BigRational $mass, public BigRational $volume)
    {
        $this->share = $volume->toFloat();
        $this->measured = null === $material->body->scooped ? $volume : $mass->dividedBy($material->body->scooped)->simplified();
    }

    /**
     * The volume a spoon or jug sees, in ml per ml of yield: a powder is scooped looser than it lies in the mix.
     */
    public function measured(): BigRational
    {
        return $this->measured;
    }
}
