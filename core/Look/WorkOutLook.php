<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Layout\Kind\Sheets;
use Inlaid\Core\Optics\FindColourant;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Practice\WorkingDefaults;
use Inlaid\Core\Recipe\Target;
use Inlaid\Core\Surface\Bleaching;
use Inlaid\Core\Surface\BuildSurface;
use Inlaid\Core\Surface\FilmOf;
use Inlaid\Core\Surface\LaidSurface;
use Inlaid\Core\Surface\SurfaceStep;
use Inlaid\Core\Surface\ZoneState;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Placement;
use Inlaid\Core\Technique\Workmanship;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\StepCalculation;

/**
 * Works out how a face will look from what its steps lay and take away.
 */
final readonly class WorkOutLook
{
    /** Volumes of thinner from which a coat goes into open wood. */
    private const THIN = 1.0;
    /** Thirst, against the usual, beyond which wood takes up unevenly; by how much of it, and at the most. */
    private const PATCHY = 1.25;
    private const UNEVEN = 0.3;
    private const MOST_UNEVEN = 0.4;

    /** @var \WeakMap<StepCalculation, array<array-key, FilmOf|null>> films by uptake: worked out once for all faces */
    private \WeakMap $films;

    public function __construct(
        private FindColourant $find = new FindColourant(),
        private BuildSurface $lay = new BuildSurface(),
        private DescribeLook $describe = new DescribeLook(),
    ) {
        $this->films = new \WeakMap();
    }

    /**
     * @param list<StepCalculation> $works those that touch the face, in order
     * @param float|null            $share of the room, where many looks must share it; null where there is none: then only how it ends,
     *                                     roughly
     *
     * @return array{LookPreview, LaidSurface} in words, and itself; where there is no room only its ground
     */
    public function work(PiecePart $part, array $works, ?Target $target = null, ?float $share = 1.0): array
    {
        $done = array_values(array_filter($works, static fn (StepCalculation $w): bool => $w->isDone()));
        $look = $this->look($part, $done, $share ?? 0.0);
        $target = true === $target?->isFor($part->id) ? $target : null;

        return null === $share
            ? [$this->describe->end($look, $done[\count($done) - 1] ?? null, $target), $look->ground()]
            : [$this->describe->describe($look, $done, $target), $look];
    }

    /**
     * @param list<StepCalculation> $works all of which are done
     * @param float                 $share of the room, where many looks must share it
     */
    public function look(PiecePart $part, array $works, float $share = 1.0): LaidSurface
    {
        return $this->lay->lay(substrate: $part->substrate, finish: $part->finish, doings: $this->doings($part, $works), share: $share);
    }

    /**
     * How one zone ends.
     *
     * @param list<StepCalculation> $works all of which are done
     * @param float                 $share of the room, where many looks must share it
     */
    public function zone(PiecePart $part, array $works, Zone $zone = Zone::Field, float $share = 1.0): ZoneState
    {
        return $this->lay->end(
            substrate: $part->substrate,
            finish: $part->finish,
            doings: $this->doings($part, $works),
            zone: $zone,
            share: $share,
        );
    }

    /**
     * With what open wood takes up after its last paper, as long as nothing closes it: 1 after 180, of usual thirst.
     *
     * @param list<StepCalculation> $works
     *
     * @return list<SurfaceStep>
     */
    public function doings(PiecePart $part, array $works): array
    {
        $doings = [];
        $thirst = $part->thirst();
        $uptake = null === $thirst ? null : 1.0;
        $even = false;
        foreach ($works as $work) {
            $thirsty = null === $uptake || null === $thirst || $even || !$this->goesIn($work) ? 1.0 : $thirst;
            $doings[] = $this->doing(
                work: $work,
                part: $part,
                uptake: null !== $uptake && $this->goesIn($work) ? $uptake * $thirsty : 1.0,
                thirst: $thirsty,
            );
            if (null !== $uptake && null !== $work->step->detail->grit && Effect::TakesAway === $work->step->technique->profile()->effect) {
                $uptake = WorkingDefaults::uptake($work->step->detail->grit);
            }
            $even = $even || $work->can(Ability::EvensAbsorption);
            $uptake = $work->seals() ? null : $uptake;
        }

        return $doings;
    }

    /** Does open wood take up as much of it as it is thirsty: of what is wiped off again, of dyes and of thin washes? */
    private function goesIn(StepCalculation $work): bool
    {
        return $work->step->technique->profile()->left < 1.0
            || ($work->character->thinning ?? 0.0) >= self::THIN
            || $work->dyes();
    }

    /**
     * @param float $uptake what stays of it, against wood sanded with 180 and of usual thirst
     * @param float $thirst of the wood that it goes into
     */
    private function doing(StepCalculation $work, PiecePart $part, float $uptake, float $thirst): SurfaceStep
    {
        $detail = $work->step->detail;
        $technique = $work->step->technique;
        $profile = $technique->profile();
        $pattern = $technique->pattern(new Workmanship(
            hand: $detail->hand,
            strokes: $detail->strokes,
            where: $detail->where,
            worn: $part->worn,
            share: $work->layout?->covers,
        ));

        return new SurfaceStep(
            id: $work->step->id,
            effect: $profile->effect,
            pattern: $thirst > self::PATCHY ? $pattern->uneven(min(self::MOST_UNEVEN, self::UNEVEN * ($thirst - 1))) : $pattern,
            rounds: $work->rounds(),
            film: $this->filmOf($work, $uptake),
            depth: Effect::TakesAway === $profile->effect ? $work->removes() : 0.0,
            way: ($detail->where ?? Placement::TopDown)->way(),
            releases: $work->can(Ability::ReleasesResist, Ability::WearsWet, Ability::WearsDry),
            wipedOn: $profile->left < 1.0 ? $profile->wipedOn : null,
            bleach: null === $work->mix ? null : Bleaching::with($work->mix),
            conditions: $work->can(Ability::EvensAbsorption),
        );
    }

    /**
     * @param float $uptake what stays of what is wiped, against wood sanded with 180
     */
    private function filmOf(StepCalculation $work, float $uptake): ?FilmOf
    {
        $films = $this->films[$work] ?? [];
        if (!\array_key_exists((string) $uptake, $films)) {
            $films[(string) $uptake] = $this->film($work, $uptake);
            $this->films[$work] = $films;
        }

        return $films[(string) $uptake];
    }

    private function film(StepCalculation $work, float $uptake): ?FilmOf
    {
        if (null === $work->film || null === $work->mix || null === $work->character) {
            return null;
        }
        $sheets = $work->step->detail->layout instanceof Sheets ? $work->step->detail->layout : null;
        $of = null === $sheets?->colour
            ? $this->find->find($work->mix, $work->character)
            : $this->find->sheet($sheets->colour, $sheets->thickness);

        return null === $of
            ? null
            : new FilmOf(
                stepId: $work->step->id,
                of: $of,
                wet: $uptake * $work->film->stays * $work->rounds(),
                dry: $uptake * $work->film->dry * $work->rounds(),
            );
    }
}
