<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Material\Material;

/**
 * So many grams of one material.
 *
 * Immutable.
 */
final readonly class Portion
{
    private function __construct(public Material $material, public BigRational $grams)
    {
    }

    /**
     * @throws InvalidMix if negative
     */
    public static function of(Material $material, BigRational $grams): self
    {
        return $grams->isNegative() ? throw InvalidMix::negativePart($material->name) : new self($material, $grams->simplified());
    }

    /** ml as a spoon or jug measures it: a powder as scooped. */
    public function measured(): BigRational
    {
        return $this->grams->dividedBy($this->material->body->asMeasured())->simplified();
    }

    /** ml it takes up in a pot. */
    public function volume(): BigRational
    {
        return $this->grams->dividedBy($this->material->body->density)->simplified();
    }
}
