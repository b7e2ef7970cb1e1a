<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\Target;
use Inlaid\Core\Surface\BuildSurface;
use Inlaid\Core\Surface\LaidSurface;
use Inlaid\Core\Surface\Origin;
use Inlaid\Core\Surface\SurfaceStep;
use Inlaid\Core\Surface\ZoneState;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\DescribeSurfaceStep;
use Inlaid\Core\Work\StepCalculation;

/**
 * Works out how a face will look from what its steps lay and take away.
 */
final readonly class WorkOutLook
{
    public function __construct(
        private DescribeSurfaceStep $step = new DescribeSurfaceStep(),
        private BuildSurface $build = new BuildSurface(),
        private DescribeLook $describe = new DescribeLook(),
    ) {
    }

    /**
     * @param list<StepCalculation> $works those that touch the face, in order
     * @param float|null            $share of the room, where many looks must share it; null where there is none: then only how it ends,
     *                                     roughly
     *
     * @return array{LookPreview, LaidSurface} in words, and itself; where there is no room only its ground
     */
    public function work(PiecePart $part, array $works, ?Target $target = null, ?float $share = 1.0, string $face = ''): array
    {
        $done = array_values(array_filter($works, static fn (StepCalculation $w): bool => $w->isDone()));
        $look = $this->look(part: $part, works: $done, share: $share ?? 0.0, face: $face);
        $target = true === $target?->isFor($part->id) ? $target : null;

        return null === $share
            ? [$this->describe->end($look, $done[\count($done) - 1] ?? null, $target), $look]
            : [$this->describe->describe($look, $done, $target), $look];
    }

    /**
     * @param list<StepCalculation> $works all of which are done
     * @param float                 $share of the room, where many looks must share it
     */
    public function look(PiecePart $part, array $works, float $share = 1.0, string $face = ''): LaidSurface
    {
        return $this->build->lay(Origin::of($part, $face), $this->doings($part, $works), $share);
    }

    /**
     * How one zone ends.
     *
     * @param list<StepCalculation> $works all of which are done
     * @param float                 $share of the room, where many looks must share it
     */
    public function zone(PiecePart $part, array $works, Zone $zone = Zone::Field, float $share = 1.0, string $face = ''): ZoneState
    {
        return $this->build->end(
            origin: Origin::of($part, $face),
            doings: $this->doings($part, $works),
            zone: $zone,
            share: $share,
        );
    }

    /**
     * One zone, step by step.
     *
     * @param list<StepCalculation> $works all of which are done
     * @param float                 $share of the room, where many looks must share it
     *
     * @return non-empty-list<ZoneState> the ground, and after each step
     */
    public function course(PiecePart $part, array $works, Zone $zone = Zone::Field, float $share = 1.0, string $face = ''): array
    {
        return $this->build->course(
            origin: Origin::of($part, $face),
            doings: $this->doings($part, $works),
            zone: $zone,
            share: $share,
        );
    }

    /**
     * @param list<StepCalculation> $works
     *
     * @return list<SurfaceStep>
     */
    public function doings(PiecePart $part, array $works): array
    {
        return array_map(fn (StepCalculation $w): SurfaceStep => $this->step->describe($w, $part), $works);
    }
}
