<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

/**
 * A finish an old piece may have, and how probable that is after the tests.
 *
 * Immutable. `probability` from 0 to 1.
 */
final readonly class LikelyFinish
{
    public function __construct(public FinishKind $kind, public string $name, public float $probability)
    {
    }
}
