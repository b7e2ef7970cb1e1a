<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

/**
 * A face that meets another in a joint, and whether the finish is laid on it there.
 *
 * Immutable.
 */
final readonly class JointSide
{
    public function __construct(public string $part, public string $face, public bool $coated)
    {
    }
}
