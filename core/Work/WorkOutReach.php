<?php

declare(strict_types=1);

namespace Inlaid\Core\Work;

use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Technique\Overspray;

/**
 * Works out which parts a step gets to that it is not meant for, and where that would be seen.
 *
 * A brush drips on what is lower and creeps onto what adjoins; a gun reaches all; drawers, doors and hardware are taken out or off.
 * It is seen on bare ground that no opaque coat covers later, for it soaks in; and, from a gun, on all that no opaque coat covers later.
 * On a film a drip is wiped off at once.
 */
final class WorkOutReach
{
    /**
     * @param list<StepCalculation>     $works  of the whole recipe
     * @param \Closure(PiecePart): bool $isOpen whether a part is open wood when the step comes
     *
     * @return list<Reached>
     */
    public function reach(Recipe $recipe, StepCalculation $work, array $works, \Closure $isOpen): array
    {
        $by = $work->step->profile->reach;
        $on = array_filter($recipe->partsOf($work->step), static fn (PiecePart $p): bool => !$p->comesOff());
        if (Overspray::Nowhere === $by || [] === $on) {
            return [];
        }
        $height = max(array_map(static fn (PiecePart $p): int => $p->surface->level->value, $on));
        $reached = [];
        foreach ($recipe->piece->parts as $part) {
            if (!$work->step->touches($part) && !$part->comesOff() && !self::isShut($part, $on)) {
                $how = Overspray::Drips === $by && $part->surface->level->value >= $height ? Overspray::Creeps : $by;
                $reached[] = new Reached(
                    part: $part->id,
                    name: $part->name,
                    how: $how,
                    seen: $this->isSeen(part: $part, work: $work, works: $works, open: $isOpen($part) || Overspray::Sprays === $by),
                    masked: \in_array($part->id, $work->step->detail->masks, true),
                );
            }
        }

        return $reached;
    }

    /**
     * An inside is closed while only the outside is worked on, and no neighbour of it.
     *
     * @param PiecePart[] $on what is worked on
     */
    private static function isShut(PiecePart $part, array $on): bool
    {
        return $part->inside && [] === array_filter($on, static fn (PiecePart $p): bool => $p->inside);
    }

    /**
     * @param list<StepCalculation> $works
     */
    private function isSeen(PiecePart $part, StepCalculation $work, array $works, bool $open): bool
    {
        $own = array_filter($works, static fn (StepCalculation $w): bool => $w->step->touches($part) && $w->lays());
        $later = array_values(array_filter($own, static fn (StepCalculation $w): bool => $w->number > $work->number));
        if ([] !== $later && self::covers($later[0])) {
            return false;
        }

        return $open;
    }

    /** A wash or glaze lets through what is below. */
    private static function covers(StepCalculation $work): bool
    {
        return Purpose::Hide === $work->step->intent->purpose
            && [] !== array_filter($work->mix->leaves ?? [], static fn ($leaf): bool => LookKind::Opaque === $leaf->material->look->kind);
    }
}
