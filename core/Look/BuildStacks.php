<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Material\Bleed;
use Inlaid\Core\Mixing\Ingredient;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Surface\LaidSurface;
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
                        null === $part->field($face) ? '' : $part->id.$face,
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
     * What each step is in the cut through a face.
     *
     * @param list<StepCalculation> $works those that touch the face, in order
     *
     * @return list<Layer>
     */
    private function layers(array $works, LaidSurface $laid): array
    {
        return array_map(static function (StepCalculation $work) use ($laid): Layer {
            $takesAway = Effect::TakesAway === $work->step->profile->effect;
            $dry = null === $work->film ? 0.0 : round($work->film->dry * $work->rounds(), 3);
            $at = $laid->indexOf($work->step->id);
            $left = null === $at ? null : $laid->left($at);
            $reaches = $takesAway && null !== $at ? $laid->reaches($at) : '';

            return new Layer(
                stepId: $work->step->id,
                number: $work->number,
                effect: $work->step->profile->effect,
                ingredients: null === $work->mix ? [] : Ingredient::all($work->mix),
                laid: $dry,
                thickness: null === $left || $left->dry <= 0.0 ? 0.0 : round($dry * $left->depthOfFilm() / $left->dry, 3),
                cover: $work->cover(),
                depth: $takesAway ? $work->removes() : null,
                reaches: $takesAway ? ('' === $reaches ? 'wood' : $reaches) : null,
            );
        }, $works);
    }

    /**
     * @param non-empty-list<array{PiecePart, string}> $places
     * @param list<StepCalculation>                    $works
     * @param float|null                               $share  of the room for its look; null where there is none but for its end
     */
    private function stack(array $places, array $works, int $number, ?float $share, Recipe $recipe): StackPreview
    {
        [$first, $face] = $places[0];
        [$look, $laid] = $this->look->work(part: $first, works: $works, target: $recipe->target, share: $share, face: $face);
        $layers = $this->layers($works, $laid);

        return new StackPreview(
            id: 's'.$number,
            parts: $this->names($places),
            places: array_map(static fn (array $p): string => $p[0]->id.':'.$p[1], $places),
            ground: $first->substrate->inWords(),
            finish: $first->finish->inWords(),
            substrate: $first->substrate,
            area: round(array_sum(array_map(static fn (array $p): float => $p[0]->totalArea([$p[1]]), $places)) * $recipe->piece->count, 4),
            layers: $layers,
            dry: round(array_sum(array_map(static fn (Layer $l): float => $l->thickness * $l->cover, $layers)), 2),
            look: $look,
            laid: $laid,
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
}
