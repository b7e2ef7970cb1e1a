<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Piece\Grain;

/**
 * A look that is painted on one part or more.
 *
 * Immutable.
 */
final readonly class PaintedFace
{
    /**
     * @param list<PaintedAfter> $after the ground, then after each step that touches it
     */
    public function __construct(public Grain $grain, public array $after)
    {
    }
}
