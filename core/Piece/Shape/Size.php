<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece\Shape;

/**
 * One measurement a shape asks for: in mm, or a number of things.
 *
 * Immutable. `usual` is what to begin with.
 */
final readonly class Size
{
    public function __construct(public string $key, public string $name, public float $usual, public bool $isCount = false)
    {
    }
}
