<?php

declare(strict_types=1);

namespace Inlaid\Core\Surface;

use Inlaid\Core\Optics\ColourantKind;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Level;
use Inlaid\Core\Technique\Zone;

/**
 * How faces that share ground and steps look, zone by zone, before the first step and after each.
 *
 * Nothing of it changes; the same with fewer patches is worked out once. `most` patches kept in a zone; `share` of the room for one look,
 * less where a piece has many.
 */
final class LaidSurface
{
    /** @var array<int, self> */
    private array $fewer = [];
    /** @var array<string, list<float|null>> by zone */
    private array $taken = [];
    /** @var array<string, list<array<string, Patch|null>>> by zone: of each patch at the end, what it would be without a step's film */
    private array $without = [];

    /**
     * @param int<1, max>                                        $most
     * @param list<SurfaceStep>                                  $doings
     * @param non-empty-array<string, non-empty-list<ZoneState>> $course     by zone: bare, then after each of the doings
     * @param non-empty-list<Condition>                          $conditions likewise
     */
    public function __construct(
        public readonly array $doings,
        public readonly array $course,
        public readonly array $conditions,
        public readonly int $most = WorkOnZone::MOST_PATCHES,
        public readonly float $share = 1.0,
    ) {
    }

    /**
     * @return list<Zone>
     */
    public function zones(): array
    {
        return array_map(Zone::from(...), array_keys($this->course));
    }

    /**
     * What a step meets that comes after so many of the doings.
     */
    public function met(int $after): Met
    {
        return new Met($this, $after);
    }

    /** Which of the doings a step is; null where it does nothing here. */
    public function indexOf(string $stepId): ?int
    {
        foreach ($this->doings as $i => $doing) {
            if ($stepId === $doing->id) {
                return $i;
            }
        }

        return null;
    }

    /** Before any of the doings. */
    public function before(Zone $zone): ZoneState
    {
        return $this->course[$zone->value][0];
    }

    /** A zone before one of the doings. */
    public function ahead(int $doing, Zone $zone): ZoneState
    {
        return 0 === $doing ? $this->before($zone) : $this->after($doing - 1, $zone);
    }

    public function after(int $doing, Zone $zone): ZoneState
    {
        return $this->course[$zone->value][$doing + 1] ?? throw new \LogicException('This step doesn\'t exist.');
    }

    /**
     * The film of one of the doings as it is in the end where least of it is gone: on the flat, or in the first zone where it was laid;
     * null where it is gone.
     */
    public function left(int $doing): ?LaidFilm
    {
        $id = $this->doings[$doing]->id;
        foreach ($this->zones() as $zone) {
            if ([] !== $this->after($doing, $zone)->films($id)) {
                $left = $this->end($zone)->films($id);
                usort($left, static fn (LaidFilm $a, LaidFilm $b): int => $b->share <=> $a->share);

                return $left[0] ?? null;
            }
        }

        return null;
    }

    /** The step in whose film one of the doings ends that takes away, on the flat; '' where it goes through all films. */
    public function reaches(int $doing): string
    {
        $films = $this->ahead($doing, Zone::Field)->largest()->without($this->doings[$doing]->depth)->films;

        return $films[\count($films) - 1]->stepId ?? '';
    }

    public function end(Zone $zone): ZoneState
    {
        $course = $this->course[$zone->value];

        return $course[\count($course) - 1];
    }

    /**
     * The same with no more patches in a zone than so many.
     *
     * @param int<1, max> $most
     */
    public function withAtMost(int $most): self
    {
        return $this->fewer[$most] ??= $this->workedOutWith($most);
    }

    /** @param int<1, max> $most */
    private function workedOutWith(int $most): self
    {
        $course = [];
        foreach ($this->course as $zone => $states) {
            $patches = max(array_map(static fn (ZoneState $s): int => \count($s->patches), $states));
            $course[$zone] = $patches <= $most
                ? $states
                : WorkOnZone::all(state: $states[0], steps: $this->doings, zone: Zone::from($zone), most: $most);
        }

        return $course === $this->course
            ? $this
            : new self(
                doings: $this->doings,
                course: $course,
                conditions: $this->conditions,
                most: min($most, $this->most),
                share: $this->share,
            );
    }

    /**
     * With some of the doings only; what is soiled or keyed is as before all of them.
     *
     * @param list<string> $ids
     */
    public function only(array $ids): self
    {
        $doings = array_values(array_filter($this->doings, static fn (SurfaceStep $s): bool => \in_array($s->id, $ids, true)));
        $course = [];
        foreach ($this->course as $zone => $states) {
            $course[$zone] = WorkOnZone::all(state: $states[0], steps: $doings, zone: Zone::from($zone), most: $this->most);
        }

        return new self(
            doings: $doings,
            course: $course,
            conditions: array_fill(0, \count($doings) + 1, $this->conditions[0]),
            most: $this->most,
            share: $this->share,
        );
    }

    /**
     * With more done.
     *
     * @param list<SurfaceStep> $more
     */
    public function then(array $more): self
    {
        $course = [];
        foreach ($this->course as $zone => $states) {
            $course[$zone] = [
                ...$states,
                ...\array_slice(
                    WorkOnZone::all(state: $this->end(Zone::from($zone)), steps: $more, zone: Zone::from($zone), most: $this->most),
                    1,
                ),
            ];
        }

        $conditions = $this->conditions;
        foreach ($more as $step) {
            $conditions[] = $conditions[\count($conditions) - 1]->after($step, false);
        }

        return new self(
            doings: [...$this->doings, ...$more],
            course: $course,
            conditions: $conditions,
            most: $this->most,
            share: $this->share,
        );
    }

    /**
     * µm that the doings after one can take off in all, at the most; null where one takes off all that lies on a resist.
     */
    public function takenAfter(int $doing, Zone $zone): ?float
    {
        $this->taken[$zone->value] ??= $this->taken($zone);

        return $this->taken[$zone->value][$doing];
    }

    /**
     * @return list<float|null> by doing
     */
    private function taken(Zone $zone): array
    {
        $taken = [];
        $sum = 0.0;
        for ($i = \count($this->doings) - 1; $i >= 0; --$i) {
            $taken[] = $sum;
            $step = $this->doings[$i];
            if ($step->releases) {
                $sum = null;
            } elseif (Effect::TakesAway === $step->effect && null !== $sum) {
                $sum += $step->depth * max(array_map(static fn (Level $l): float => $l->amount, $step->pattern->at($zone)));
            }
        }

        return array_reverse($taken);
    }

    /**
     * A zone at the end as if the film of one of the doings were not there, and all others as they are. Null where that is not all that
     * follows from it: it lays no film, or a resist, or lies on open wood.
     */
    public function endWithoutFilm(int $doing, Zone $zone): ?ZoneState
    {
        $step = $this->doings[$doing];
        if (null === $step->film || ColourantKind::Resist === $step->film->of->kind || null !== $step->bleach || $step->conditions) {
            return null;
        }
        $end = $this->end($zone)->patches;
        $this->without[$zone->value] ??= array_map(static fn (Patch $p): array => $p->withoutEach(), $end);
        $patches = [];
        foreach ($this->without[$zone->value] as $i => $without) {
            if (\array_key_exists($step->id, $without) && null === $without[$step->id]) {
                return null;
            }
            $patches[] = $without[$step->id] ?? $end[$i];
        }

        return [] === $patches ? null : new ZoneState($patches);
    }

    /**
     * After which step nobody sees any longer, in the largest patch that has it, whether one of the doings laid its film; where nothing is
     * left of it, what took it off.
     *
     * @param float $least ΔE that is seen
     */
    public function hiddenBy(int $doing, Zone $zone, float $least): ?string
    {
        $id = $this->doings[$doing]->id;
        $largest = null;
        foreach ($this->end($zone)->patches as $patch) {
            $largest = $patch->has($id) && $patch->share > ($largest->share ?? 0.0) ? $patch : $largest;
        }
        if (null !== $largest) {
            return $largest->hiddenBy($id, $least);
        }
        for ($i = \count($this->doings) - 1; $i > $doing; --$i) {
            if ([] !== array_filter($this->ahead($i, $zone)->patches, static fn (Patch $p): bool => $p->has($id))) {
                return $this->doings[$i]->id;
            }
        }

        return null;
    }

    /**
     * As if one of the doings were left out.
     *
     * @return non-empty-list<ZoneState> in place of it, and after each later one
     */
    public function leftOut(int $doing, Zone $zone): array
    {
        return WorkOnZone::all(
            state: $this->ahead($doing, $zone),
            steps: \array_slice($this->doings, $doing + 1),
            zone: $zone,
            most: $this->most,
        );
    }
}
