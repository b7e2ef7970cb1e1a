<?php

declare(strict_types=1);

namespace Inlaid\Core\Work;

use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Surface\SurfaceStep;
use Inlaid\Core\Surface\WorkOnZone;
use Inlaid\Core\Surface\ZoneState;
use Inlaid\Core\Technique\Zone;

/**
 * Faces of a part that the same steps touch, while the steps are worked out: m² of them, and their flat as it is by now.
 *
 * @internal to WorkOutSteps
 */
final class FacesAlike
{
    public float $area = 0.0;

    /**
     * @param list<int> $by indices of the steps that touch them
     */
    public function __construct(public readonly PiecePart $part, private readonly array $by, private ZoneState $flat)
    {
    }

    public function isTouched(int $step): bool
    {
        return \in_array($step, $this->by, true);
    }

    /** What the first film takes, against one on a sealed ground. */
    public function drinks(): float
    {
        return $this->flat->largest()->drinks();
    }

    public function work(SurfaceStep $step): void
    {
        $this->flat = WorkOnZone::to(state: $this->flat, step: $step, zone: Zone::Field, most: 1);
    }
}
