<?php

declare(strict_types=1);

namespace Inlaid\Core\Surface;

use Inlaid\Core\Colour\RecoverSpectrum;
use Inlaid\Core\Piece\FinishKind;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Technique\Zone;

/**
 * Lays one step after another on a ground and keeps what each leaves, in every zone the ground has.
 */
final class BuildSurface
{
    /** Pores are a little darker than the wood between them, for light is lost in them: K ÷ S, typical. */
    private const IN_PORES = 1.5;
    /** What the pores of close-grained wood hold, against open ones: next to nothing. */
    private const CLOSE_PORES = 0.12;
    /** Patches and steps in all that are kept, so that very long recipes are answered too: 256 patches up to 15 steps, in the end 32. */
    private const ROOM = 15 * WorkOnZone::MOST_PATCHES;
    private const FEWEST_PATCHES = 32;

    public function __construct(private readonly RecoverSpectrum $recover = new RecoverSpectrum())
    {
    }

    /**
     * @param list<SurfaceStep> $doings in order
     * @param float             $share  of the room, where many looks must share it
     */
    public function lay(Origin $origin, array $doings, float $share = 1.0): LaidSurface
    {
        $course = [];
        $most = self::most($doings, $share);
        foreach (self::zones($origin->substrate) as $zone) {
            $course[$zone->value] = WorkOnZone::all(
                state: $this->start($origin, $zone),
                steps: $doings,
                zone: $zone,
                most: $most,
            );
        }

        return new LaidSurface(
            doings: $doings,
            course: $course,
            conditions: self::conditions($origin, $doings, $course),
            most: $most,
            share: $share,
        );
    }

    /**
     * @param list<SurfaceStep>                                  $doings
     * @param non-empty-array<string, non-empty-list<ZoneState>> $course
     *
     * @return non-empty-list<Condition> before the first, and after each
     */
    private static function conditions(Origin $origin, array $doings, array $course): array
    {
        $conditions = [$condition = Condition::surveyed($origin)];
        foreach ($doings as $i => $step) {
            $onResist = $step->releases && [] !== array_filter($course, static fn (array $states): bool => null !== $states[$i]->resist());
            $conditions[] = $condition = $condition->after($step, $onResist);
        }

        return $conditions;
    }

    /** A zone before anything is done. */
    public function start(Origin $origin, Zone $zone): ZoneState
    {
        return new ZoneState([$this->begin($origin, $zone)]);
    }

    /**
     * Only how one zone ends.
     *
     * @param list<SurfaceStep> $doings in order
     * @param float             $share  of the room, where many looks must share it
     */
    public function end(Origin $origin, array $doings, Zone $zone, float $share = 1.0): ZoneState
    {
        $course = $this->course(origin: $origin, doings: $doings, zone: $zone, share: $share);

        return $course[\count($course) - 1];
    }

    /**
     * One zone alone.
     *
     * @param list<SurfaceStep> $doings in order
     * @param float             $share  of the room, where many looks must share it
     *
     * @return non-empty-list<ZoneState> before the first, and after each
     */
    public function course(Origin $origin, array $doings, Zone $zone, float $share = 1.0): array
    {
        return WorkOnZone::all(state: $this->start($origin, $zone), steps: $doings, zone: $zone, most: self::most($doings, $share));
    }

    /**
     * @param list<SurfaceStep> $doings
     *
     * @return int<1, max> patches kept in a zone
     */
    private static function most(array $doings, float $share): int
    {
        return max(
            1,
            (int) ($share * max(self::FEWEST_PATCHES, min(WorkOnZone::MOST_PATCHES, intdiv(self::ROOM, max(1, \count($doings)))))),
        );
    }

    /**
     * @return non-empty-list<Zone>
     */
    public static function zones(Substrate $substrate): array
    {
        return Grain::None === $substrate->grain ? [Zone::Field, Zone::Edge, Zone::Recess] : Zone::cases();
    }

    private function begin(Origin $origin, Zone $zone): Patch
    {
        [$substrate, $finish] = [$origin->substrate, $origin->finish];
        $seen = $this->recover->recover($substrate->colour);
        $bare = $substrate->drinksAtAll() ? Ground::bare($seen) : Ground::closed($seen);
        $bare = Zone::Pore === $zone && Grain::Open === $substrate->grain ? $bare->times(self::IN_PORES) : $bare;
        $old = match ($finish->kind) {
            FinishKind::Bare => null,
            FinishKind::Paint, FinishKind::Unknown => Ground::closed($seen),
            default => $bare->wetted(1.0)->varnished(),
        };

        return Patch::whole(
            origin: $origin,
            base: $old ?? $bare,
            old: null === $old ? 0.0 : $finish->kind->thickness() ?? 20.0,
            bare: $bare,
            pores: Zone::Pore === $zone ? (Grain::Open === $substrate->grain ? 1.0 : self::CLOSE_PORES) : 0.0,
        );
    }
}
