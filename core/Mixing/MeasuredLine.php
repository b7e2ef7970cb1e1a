<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\MeasureAtHand;

/**
 * So many whole steps of one measure, of one material.
 *
 * Immutable.
 */
final readonly class MeasuredLine
{
    public function __construct(public Material $material, public MeasureAtHand $measure, public int $steps)
    {
    }

    /**
     * The amount in the measure's own dimension: ml, or g on a scale.
     */
    public function amount(): BigRational
    {
        return $this->measure->step->multipliedBy($this->steps);
    }

    /**
     * The amount in ml as measured.
     */
    public function millilitres(): BigRational
    {
        return Dimension::Mass === $this->measure->dimension
            ? $this->amount()->dividedBy($this->material->body->asMeasured())
            : $this->amount();
    }

    public function grams(): BigRational
    {
        return $this->millilitres()->multipliedBy($this->material->body->asMeasured());
    }

    public function fills(): int
    {
        return $this->measure->fills($this->amount());
    }
}
