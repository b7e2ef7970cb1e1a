<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

/**
 * What a step leaves to be painted; the ground where it names none.
 *
 * Immutable.
 */
final readonly class PaintedAfter
{
    /**
     * @param list<PaintedZone> $zones
     */
    public function __construct(public ?string $stepId, public array $zones)
    {
    }
}
