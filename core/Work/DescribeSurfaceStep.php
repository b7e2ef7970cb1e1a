<?php

declare(strict_types=1);

namespace Inlaid\Core\Work;

use Inlaid\Core\Layout\Kind\Sheets;
use Inlaid\Core\Material\Residue;
use Inlaid\Core\Optics\FindColourant;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\Criterion;
use Inlaid\Core\Surface\Bleaching;
use Inlaid\Core\Surface\FilmOf;
use Inlaid\Core\Surface\Marks;
use Inlaid\Core\Surface\Soil;
use Inlaid\Core\Surface\SurfaceStep;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Placement;
use Inlaid\Core\Technique\Workmanship;

/**
 * Says of a step what it does to the surface of a part.
 */
final readonly class DescribeSurfaceStep
{
    /** Volumes of thinner from which a coat goes into open wood. */
    private const THIN = 1.0;
    /** No finish is as thick, µm. */
    private const TO_THE_WOOD = 1000.0;

    /**
     * @var \WeakMap<StepCalculation, array{FilmOf|null, list<Soil>, list<Soil>}> what is the same on all parts: film, what it leaves, what
     *                                                                            it takes off
     */
    private \WeakMap $same;

    public function __construct(private FindColourant $find = new FindColourant())
    {
        $this->same = new \WeakMap();
    }

    public function describe(StepCalculation $work, PiecePart $part): SurfaceStep
    {
        [$step, $detail] = [$work->step, $work->step->detail];
        $profile = $step->profile;
        $sands = $work->can(Ability::Sands, Ability::Scuffs);
        [$film, $leaves, $takesOff] = $this->same[$work] ??= [$this->film($work), $this->leaves($work), $this->takesOff($work)];

        return new SurfaceStep(
            id: $step->id,
            effect: $profile->effect,
            pattern: $this->pattern($work, $part),
            rounds: $work->rounds(),
            film: $film,
            depth: Effect::TakesAway === $profile->effect ? $this->depth($work) : 0.0,
            way: ($detail->where ?? Placement::TopDown)->way(),
            releases: $work->can(Ability::ReleasesResist, Ability::WearsWet, Ability::WearsDry),
            wipedOn: $profile->left < 1.0 ? $profile->wipedOn : null,
            goesIn: $profile->left < 1.0 || ($work->character->thinning ?? 0.0) >= self::THIN || $work->dyes(),
            bleach: null === $work->mix ? null : Bleaching::with($work->mix),
            conditions: $work->can(Ability::EvensAbsorption),
            evens: $work->can(Ability::EvensFilm),
            keys: $work->covers() && $work->can(Ability::Sands, Ability::Scuffs, Ability::Strips, Ability::Scrapes) || $work->lays(),
            seals: $work->lays(),
            marks: $sands && null !== $detail->grit ? new Marks(
                stepId: $step->id,
                grit: $detail->grit,
                direction: $detail->strokes,
                tool: $step->tool(),
            ) : null,
            cuts: $work->can(Ability::Sands, Ability::Scuffs, Ability::WearsDry) ? $work->removes() : 0.0,
            leaves: $leaves,
            takesOff: $work->covers() ? $takesOff : [],
        );
    }

    private function pattern(StepCalculation $work, PiecePart $part): Pattern
    {
        [$step, $detail] = [$work->step, $work->step->detail];
        $pattern = $step->technique->pattern(new Workmanship(
            hand: $detail->hand,
            strokes: $detail->strokes,
            where: $detail->where,
            worn: $part->worn,
            share: $work->layout?->covers,
            blend: $detail->blend,
        ));
        $rougher = ($step->tool()?->figures()->uneven ?? 0.0) - (($step->profile->tools[0] ?? null)?->figures()->uneven ?? 0.0);

        return ($rougher > 0.0 && null !== $work->film ? $pattern->uneven($rougher) : $pattern)->on($step->place());
    }

    /** µm; what is done until the wood is bare goes down to it, however often that takes. */
    private function depth(StepCalculation $work): float
    {
        return Criterion::Bare === $work->step->repeat?->until ? max(self::TO_THE_WOOD, $work->removes()) : $work->removes();
    }

    /**
     * @return list<Soil>
     */
    private function leaves(StepCalculation $work): array
    {
        if ($work->can(Ability::Sands, Ability::Scuffs)) {
            return [Soil::Dust];
        }
        if (!$work->can(Ability::Cleans, Ability::Strips, Ability::Bleaches) || !$work->leavesResidue()) {
            return [];
        }
        $asks = $work->asksFor();

        return null === $asks ? [Soil::Rinse] : [Soil::Rinse, Soil::from($asks->value)];
    }

    /**
     * @return list<Soil>
     */
    private function takesOff(StepCalculation $work): array
    {
        $wipes = $work->can(Ability::Neutralises, Ability::Rinses, Ability::Cleans);
        $residues = array_filter(
            [Residue::Spirit, Residue::Alcohol, Residue::Acid, Residue::Alkali],
            static fn (Residue $r): bool => $wipes && $work->contains($r->isTakenOffBy(...)),
        );
        $takes = array_map(static fn (Residue $r): Soil => Soil::from($r->value), array_values($residues));
        if (\in_array(Soil::Spirit, $takes, true)) {
            $takes[] = Soil::Silicone;
        }
        foreach ([
            [[Soil::Dust], [Ability::Dusts, Ability::Cleans, Ability::Rinses, Ability::Sands, Ability::Scuffs]],
            [[Soil::Rinse], [Ability::Rinses, Ability::Neutralises]],
            [[Soil::Grease], [Ability::Cleans, Ability::Strips, Ability::Scrapes]],
            [[Soil::Wax], [Ability::Cleans, Ability::Strips, Ability::Scrapes, Ability::Sands]],
            [[Soil::Resist], [Ability::Cleans, Ability::Sands, Ability::Scuffs]],
        ] as [$soils, $by]) {
            $takes = $work->can(...$by) ? [...$takes, ...$soils] : $takes;
        }

        return $takes;
    }

    private function film(StepCalculation $work): ?FilmOf
    {
        if (null === $work->film) {
            return null;
        }
        $sheets = $work->step->detail->layout instanceof Sheets ? $work->step->detail->layout : null;
        $of = match (true) {
            null !== $sheets?->colour => $this->find->sheet($sheets->colour, $sheets->thickness),
            null !== $work->mix && null !== $work->character => $this->find->find($work->mix, $work->character),
            default => null,
        };

        return null === $of
            ? null
            : new FilmOf(
                stepId: $work->step->id,
                of: $of,
                wet: $work->film->stays * $work->rounds(),
                dry: $work->film->dry * $work->rounds(),
            );
    }
}
