<?php

declare(strict_types=1);

namespace Inlaid\Core\Measure;

use Brick\Math\BigRational;

/**
 * One part of a ratio, never without whose it is.
 *
 * Immutable.
 */
final readonly class NamedPart
{
    private function __construct(public string $name, public BigRational $share)
    {
    }

    /**
     * @throws InvalidMeasure if the share is negative
     */
    public static function of(string $name, BigRational $share): self
    {
        return $share->isNegative() ? throw InvalidMeasure::negativePart($name) : new self($name, $share->simplified());
    }
}
