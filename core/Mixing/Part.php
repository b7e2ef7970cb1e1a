<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Material\Material;

/**
 * So many parts of a material, or of another mix.
 *
 * Immutable.
 */
final readonly class Part
{
    private function __construct(public BigRational $share, public Material|Mixture $of)
    {
    }

    /**
     * @throws InvalidMix if the share is negative
     */
    public static function of(BigRational $share, Material|Mixture $of): self
    {
        return $share->isNegative() ? throw InvalidMix::negativePart($of->name) : new self($share->simplified(), $of);
    }
}
