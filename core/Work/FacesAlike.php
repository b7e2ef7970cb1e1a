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
    /** @var list<string> */
    public array $faces = [];

    /**
     * @param list<int> $by indices of the steps that touch them
     */
    public function __construct(public readonly PiecePart $part, private readonly array $by, private ZoneState $flat)
    {
    }

    public function add(string $face, float $area): void
    {
        $this->faces[] = $face;
        $this->area += $area;
    }

    /** How much longer work on them takes than on a flat. */
    public function slow(): float
    {
        $areas = $slow = 0.0;
        foreach ($this->faces as $face) {
            $of = $this->part->surface->faces[$face][1];
            $areas += $of->area;
            $slow += $of->area * $of->slow;
        }

        return $slow / $areas;
    }

    /** µm of all that lies on the wood. */
    public function lies(): float
    {
        return $this->flat->largest()->depthOfFilms();
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
