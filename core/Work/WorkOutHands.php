<?php

declare(strict_types=1);

namespace Inlaid\Core\Work;

use Inlaid\Core\Film\GritLadder;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Shape\Measured;
use Inlaid\Core\Practice\WorkingDefaults;
use Inlaid\Core\Recipe\Criterion;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\SandingAim;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Within;

/**
 * Works out the hands-on time of one coat: tool set-up, handling of each part and face, and the work itself, as area ÷ rate × what its
 * shape makes of it, or as m of edges and recesses ÷ pace. What an abrasive takes off takes as long as µm × area ÷ what it removes.
 *
 * All figures are typical of general practice; docs/models/minutes.md lists them. The painter's own pace of the technique counts for all.
 */
final class WorkOutHands
{
    /** mm of an edge and of a recess that are touched when only they are meant. */
    public const EDGE = 8.0;
    public const RECESS = 12.0;
    /** m of them in a minute. */
    private const EDGES = 1.5;
    private const RECESSES = 1.0;
    /** Minutes for each part, for one that is taken out or off, and for each face. */
    private const PART = 0.25;
    private const APART = 0.75;
    private const FACE = 0.1;
    /** µm × m² that are taken off a hard film in a minute, by hand with paper of 120. */
    private const FILM = 0.4;
    private const AT_GRIT = 120;
    /** Minutes to get what is needed and put it away, where no tool says otherwise. */
    private const TOOLS = 0.5;

    /**
     * m² of a face of all such parts that a step is meant for.
     */
    public function area(Recipe $recipe, Step $step, PiecePart $part, string $face): float
    {
        $of = $part->surface->faces[$face][1];
        $place = $step->place();
        $area = [] === $place->within ? $of->area : min($of->area, array_sum(array_map(static function (Within $w) use ($of): float {
            [$flat, $edges, $recesses] = self::reach($of, $w);

            return $flat + $edges * self::EDGE / 1000 + $recesses * self::RECESS / 1000;
        }, $place->within)));

        return $place->share * $area * $part->count * $recipe->piece->count;
    }

    /**
     * @param list<array{float, float, float}> $lies m² of the faces it touches, µm of films that lie on them, and how slow they are
     */
    public function hands(Recipe $recipe, Step $step, array $lies, WorkingDefaults $habits): Hands
    {
        if (Effect::Waits === $step->profile->effect || $step->isFurtherColour()) {
            return Hands::none(); // a blend is one work: its first colour has all the time
        }
        if (null !== $step->detail->handsOn) {
            return Hands::stated($step->detail->handsOn);
        }
        $own = $habits->own->pace($step->technique->key(), $step->detail->tool?->value);
        if (Effect::Handles === $step->profile->effect) {
            return (new Hands(setUp: self::TOOLS, handling: $this->acts($recipe, $step), working: 0.0))->times($own);
        }
        $handling = 0.0;
        $working = 0.0;
        foreach ($recipe->partsOf($step) as $part) {
            $each = $part->count * $recipe->piece->count;
            $faces = array_filter(array_keys($part->surface->faces), static fn (string $f): bool => $step->touchesFace($part, $f));
            $one = ($part->comesOff() ? self::APART : self::PART) + self::FACE * \count($faces);
            $handling += $step->detail->extent->share * $each * $one;
            foreach ($faces as $face) {
                $working += $this->onFace(recipe: $recipe, step: $step, part: $part, face: $face);
            }
        }
        $working *= $step->byHand() * ($step->profile->byBrush ? $habits->brushing : 1.0);

        return (new Hands(
            setUp: $step->tool()?->figures()->setUp ?? self::TOOLS,
            handling: $handling,
            working: max($working, $this->takingOff($step, $lies)),
        ))->times($own);
    }

    /** Minutes for what is done to parts and not to their surface: to each that is named, else to each piece as a whole. */
    private function acts(Recipe $recipe, Step $step): float
    {
        $parts = [] === $step->parts ? 1 : array_sum(array_map(
            static fn (PiecePart $p): int => $p->count,
            $recipe->partsOf($step),
        ));

        return $step->detail->extent->share * $step->profile->each * $parts * $recipe->piece->count;
    }

    private function onFace(Recipe $recipe, Step $step, PiecePart $part, string $face): float
    {
        $of = $part->surface->faces[$face][1];
        $place = $step->place();
        $quick = $step->profile->rate / $step->technique->profile()->rate;
        $minutes = [] === $place->within
            ? $of->area * $of->slow / $step->profile->rate
            : array_sum(array_map(static function (Within $w) use ($of, $step, $quick): float {
                [$flat, $edges, $recesses] = self::reach($of, $w);

                return $flat * $of->slow / $step->profile->rate + ($edges / self::EDGES + $recesses / self::RECESSES) / $quick;
            }, $place->within));

        return $place->share * $minutes * $part->count * $recipe->piece->count;
    }

    /**
     * What a place is of a face.
     *
     * @return array{float, float, float} m² of the flat, m of edges and m of recesses
     */
    private static function reach(Measured $of, Within $place): array
    {
        return match ($place) {
            Within::Edges => [0.0, $of->edges, 0.0],
            Within::Recesses => [0.0, 0.0, $of->recesses],
            Within::Relief => [0.0, $of->edges, $of->recesses],
            default => [$of->area * ($place->worn()?->ofFlat() ?? 0.0), $of->edges * ($place->worn()?->ofEdges() ?? 0.0), 0.0],
        };
    }

    /**
     * Minutes of one pass, as long as it goes through films; wood comes off as fast as the paper is led over it.
     *
     * @param list<array{float, float, float}> $lies m² of the faces it touches, µm of films that lie on them, and how slow they are
     */
    private function takingOff(Step $step, array $lies): float
    {
        if (null === $step->profile->atGrit || !$step->profile->can(Ability::Sands)) {
            return 0.0; // who only breaks the shine goes over it once
        }
        $tool = $step->tool()?->figures();
        $paper = GritLadder::particle($step->detail->grit ?? $step->profile->atGrit);
        $removal = self::FILM * ($tool->bite ?? 1.0) * ($tool->pace ?? 1.0) * $paper / GritLadder::particle(self::AT_GRIT);
        $toBare = SandingAim::ToBare === $step->detail->aim || Criterion::Bare === $step->repeat?->until;
        $each = null === $step->detail->depth
            ? $step->profile->removes * $paper / GritLadder::particle($step->profile->atGrit) * ($tool->bite ?? 1.0)
            : $step->detail->depth / $step->coats;

        return $step->cover() * array_sum(array_map(
            static fn (array $l): float => $l[0] * $l[2] * ($toBare ? $l[1] / $step->coats : min($l[1], $each)) / $removal,
            $lies,
        ));
    }
}
