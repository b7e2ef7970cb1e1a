<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Material\Bleed;
use Inlaid\Core\Mixing\Ingredient;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\WornPlace;
use Inlaid\Core\Work\StepCalculation;

/**
 * Builds the cut through the finish, once for all faces that share ground and steps.
 *
 * Sanding all over takes from the uppermost films; what is taken away in places only (distress, release) is kept as a
 * depth, with the layer it ends in.
 */
final readonly class BuildStacks
{
    /** Steps on all stacks but the longest for which the looks have all the room there is; where there are more they share it. */
    private const FULL = 90;
    /**
     * Steps on all stacks together whose looks are worked out one by one; of a stack beyond it, which no piece of furniture has, only
     * roughly how it ends.
     */
    private const ROOM = 1000;

    public function __construct(private WorkOutLook $look = new WorkOutLook())
    {
    }

    /**
     * @param list<StepCalculation> $works
     *
     * @return list<StackPreview>
     */
    public function build(Recipe $recipe, array $works): array
    {
        $classes = [];
        foreach ($recipe->piece->parts as $part) {
            foreach (array_keys($part->surface->faces) as $face) {
                $own = array_values(array_filter($works, static fn (StepCalculation $w): bool => $w->step->touchesFace($part, $face)));
                $s = $part->substrate;
                $key = implode(
                    '|',
                    [
                        $s->kind->value,
                        $s->species,
                        $s->grain->value,
                        $s->colour->hex,
                        $part->finish->inWords(),
                        (string) $part->absorption,
                        (string) \in_array(Bleed::Silicone, $s->bleeds, true),
                        (string) $recipe->target?->isFor($part->id),
                        ...array_map(static fn (WornPlace $w): string => $w->value, $part->worn->places),
                        ...array_map(static fn (StepCalculation $w): string => $w->step->id, $own),
                    ],
                );
                $classes[$key] = [[...$classes[$key][0] ?? [], [$part, $face]], $own];
            }
        }

        $classes = array_values($classes);
        $steps = array_map(static fn (array $class): int => \count($class[1]), $classes);
        $whole = self::fit($steps);
        $beside = array_sum(\array_slice($steps, 0, $whole)) - max([0, ...$steps]);
        $share = min(1.0, self::FULL / max(1, $beside));

        return array_map(
            fn (array $class, int $i): StackPreview => $this->stack(
                places: $class[0],
                works: $class[1],
                number: $i + 1,
                share: $i < $whole ? $share : null,
                recipe: $recipe,
            ),
            $classes,
            array_keys($classes),
        );
    }

    /**
     * @param list<int> $steps by stack
     *
     * @return int<1, max> stacks there is room for
     */
    private static function fit(array $steps): int
    {
        $sum = 0;
        foreach ($steps as $i => $own) {
            $sum += $own;
            if ($sum > self::ROOM) {
                return max(1, $i);
            }
        }

        return max(1, \count($steps));
    }

    /**
     * The films that some steps leave on one face, from the wood up.
     *
     * @param list<StepCalculation> $works those that touch the face, in order
     *
     * @return list<Layer>
     */
    public function layers(array $works): array
    {
        $layers = [];
        foreach ($this->grow($works) as $layers) {
        }

        return $layers;
    }

    /**
     * The same as it grows.
     *
     * @param list<StepCalculation> $works those that touch the face, in order
     *
     * @return iterable<int, list<Layer>> after each of them
     */
    public function grow(array $works): iterable
    {
        $layers = [];
        foreach ($works as $work) {
            $figures = $work->step->technique->profile();
            $depth = Effect::TakesAway === $figures->effect ? $work->removes() : null;
            $reaches = null === $depth ? null : $this->reaches($layers, $depth);
            if (null !== $depth && $figures->cover >= 1.0) {
                $layers = $this->sand($layers, $depth);
            }
            $dry = null === $work->film ? 0.0 : round($work->film->dry * $work->rounds(), 3);
            $layers[] = new Layer(
                stepId: $work->step->id,
                number: $work->number,
                effect: $figures->effect,
                ingredients: null === $work->mix ? [] : Ingredient::all($work->mix),
                laid: $dry,
                thickness: $dry,
                cover: $work->cover(),
                depth: $depth,
                reaches: $reaches,
            );
            yield $layers;
        }
    }

    /**
     * @param non-empty-list<array{PiecePart, string}> $places
     * @param list<StepCalculation>                    $works
     * @param float|null                               $share  of the room for its look; null where there is none but for its end
     */
    private function stack(array $places, array $works, int $number, ?float $share, Recipe $recipe): StackPreview
    {
        $layers = $this->layers($works);
        [$first] = $places[0];

        return new StackPreview(
            's'.$number,
            $this->names($places),
            array_map(static fn (array $p): string => $p[0]->id.':'.$p[1], $places),
            $first->substrate->inWords(),
            $first->finish->inWords(),
            $first->substrate,
            round(array_sum(array_map(static fn (array $p): float => $p[0]->totalArea([$p[1]]), $places)) * $recipe->piece->count, 4),
            $layers,
            round(array_sum(array_map(static fn (Layer $l): float => $l->thickness * $l->cover, $layers)), 2),
            ...$this->look->work(part: $first, works: $works, target: $recipe->target, share: $share),
        );
    }

    /**
     * Parts by their name; where only some of their faces are meant, with these.
     *
     * @param non-empty-list<array{PiecePart, string}> $places
     *
     * @return list<string>
     */
    private function names(array $places): array
    {
        $faces = [];
        foreach ($places as [$part, $face]) {
            $faces[$part->id] = [$part, [...$faces[$part->id][1] ?? [], $face]];
        }

        return array_values(array_map(static fn (array $p): string => \count($p[1]) === \count($p[0]->surface->faces)
            ? $p[0]->name
            : $p[0]->name.' ('.mb_strtolower(implode(
                ', ',
                array_map(static fn (string $f): string => $p[0]->surface->faces[$f][0]->name, $p[1]),
            )).')', $faces));
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
