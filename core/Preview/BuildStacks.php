<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Inlaid\Core\Recipe\PiecePart;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Technique\Act;

/**
 * Builds the cut through the finish, once for all parts that share ground and steps.
 *
 * Sanding all over takes from the uppermost films; what is taken away in places only (distress, release) is kept as a
 * depth, with the layer it ends in.
 */
final class BuildStacks
{
    /**
     * @param list<StepWork> $works
     *
     * @return list<StackPreview>
     */
    public function build(Recipe $recipe, array $works): array
    {
        $classes = [];
        foreach ($recipe->piece->parts as $part) {
            $own = array_values(array_filter($works, static fn (StepWork $w): bool => $w->step->touches($part)));
            $s = $part->substrate;
            $key = implode('|', [$s->kind->value, $s->species, $s->grain->value, $s->ground->value, $s->colour->hex, ...array_map(static fn (StepWork $w): string => $w->step->id, $own)]);
            $classes[$key] = [[...$classes[$key][0] ?? [], $part], $own];
        }

        return array_map(fn (array $class, int $i): StackPreview => $this->stack($class[0], $class[1], $i + 1, $recipe->piece->count), array_values($classes), array_keys(array_values($classes)));
    }

    /**
     * @param non-empty-list<PiecePart> $parts
     * @param list<StepWork>            $works
     */
    private function stack(array $parts, array $works, int $number, int $pieces): StackPreview
    {
        $layers = [];
        foreach ($works as $work) {
            $figures = $work->step->technique->figures();
            $depth = Act::TakesAway === $figures->act ? $work->step->detail->depth ?? $figures->removes * $work->step->coats : null;
            $reaches = null === $depth ? null : $this->reaches($layers, $depth);
            if (null !== $depth && $figures->cover >= 1.0) {
                $layers = $this->sand($layers, $depth);
            }
            $dry = null === $work->film ? 0.0 : round($work->film->dry * $work->step->coats, 3);
            $layers[] = new Layer($work->step->id, $work->number, $figures->act, null === $work->mix ? [] : Ingredient::all($work->mix), $dry, $dry, $figures->cover, $depth, $reaches);
        }

        return new StackPreview(
            's'.$number,
            array_map(static fn (PiecePart $p): string => $p->name, $parts),
            $parts[0]->substrate->inWords(),
            $parts[0]->substrate,
            round(array_sum(array_map(static fn (PiecePart $p): float => $p->totalArea(), $parts)) * $pieces, 4),
            $layers,
            round(array_sum(array_map(static fn (Layer $l): float => $l->thickness * $l->cover, $layers)), 2),
        );
    }

    /**
     * @param list<Layer> $layers
     */
    private function reaches(array $layers, float $depth): string
    {
        foreach (array_reverse($layers) as $layer) {
            if ($layer->thickness > $depth) {
                return $layer->stepId;
            }
            $depth -= $layer->thickness;
        }

        return 'wood';
    }

    /**
     * @param list<Layer> $layers
     *
     * @return list<Layer>
     */
    private function sand(array $layers, float $depth): array
    {
        for ($i = \count($layers) - 1; $i >= 0 && $depth > 0; --$i) {
            $gone = min($depth, $layers[$i]->thickness);
            $layers[$i] = $layers[$i]->sandedTo(round($layers[$i]->thickness - $gone, 3));
            $depth -= $gone;
        }

        return array_values($layers);
    }
}
