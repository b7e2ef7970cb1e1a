<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

use Inlaid\Core\Colour\ColourDifference;
use Inlaid\Core\Look\WorkOutLook;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Surface\BuildSurface;
use Inlaid\Core\Work\StepCalculation;

/**
 * Compares the last colour that was seen after each step with what was to be expected of that zone of its largest part.
 */
final readonly class CompareColours
{
    public function __construct(private WorkOutLook $look = new WorkOutLook())
    {
    }

    /**
     * @param list<StepCalculation> $works
     *
     * @return array<string, SeenColour> by step
     */
    public function compare(Recipe $recipe, array $works, RunState $state): array
    {
        $last = [];
        foreach ($state->notes as $note) {
            if (null !== $note->colour && null !== $note->step) {
                $last[$note->step] = $note;
            }
        }
        $seen = [];
        foreach ($works as $work) {
            $note = $last[$work->step->id] ?? null;
            $part = null === $note
                ? null
                : $recipe->piece->largest(static fn (PiecePart $p): bool => \in_array($p, $recipe->partsOf($work->step), true));
            if (null === $note?->colour || null === $part || !\in_array($note->zone, BuildSurface::zones($part->substrate), true)) {
                continue;
            }
            $face = array_key_first($part->surface->faces);
            $on = array_values(array_filter(
                \array_slice($works, 0, $work->number),
                static fn (StepCalculation $w): bool => $w->isDone() && $w->step->touchesFace($part, $face),
            ));
            $expected = $this->look->zone($part, $on, $note->zone)->mean()->colour();
            $seen[$work->step->id] = new SeenColour(
                step: $work->step->id,
                name: $work->step->name(),
                zone: $note->zone,
                seen: $note->colour,
                expected: $expected,
                apart: ColourDifference::between($note->colour, $expected),
                at: $note->at,
            );
        }

        return $seen;
    }
}
