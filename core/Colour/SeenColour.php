<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * One of the few colours of a picture and its share of it.
 *
 * Immutable.
 */
final readonly class SeenColour
{
    public function __construct(public string $colour, public float $share)
    {
    }
}
