<?php

declare(strict_types=1);

namespace Inlaid\Core\Work;

use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Drying\PredictDrying;
use Inlaid\Core\Film\CoatFilm;
use Inlaid\Core\Film\LayCoat;
use Inlaid\Core\Film\WorkOutNeed;
use Inlaid\Core\Layout\Kind\Sheets;
use Inlaid\Core\Mixing\DeriveCharacter;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Optics\FindColourant;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Practice\WorkingDefaults;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Scenario;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Surface\BuildSurface;
use Inlaid\Core\Surface\Origin;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Zone;

/**
 * Works out mix, film, need and drying of every step in order, with what each face drinks as the steps before have left it.
 */
final readonly class WorkOutSteps
{
    private DescribeSurfaceStep $surface;

    public function __construct(
        private FlattenMix $flatten = new FlattenMix(),
        private DeriveCharacter $derive = new DeriveCharacter(),
        private LayCoat $lay = new LayCoat(),
        private WorkOutNeed $need = new WorkOutNeed(),
        private PredictDrying $predict = new PredictDrying(),
        private MaskParts $mask = new MaskParts(),
        private LayOutStep $layOut = new LayOutStep(),
        private BuildSurface $build = new BuildSurface(),
        private WorkOutHands $hands = new WorkOutHands(),
        FindColourant $find = new FindColourant(),
    ) {
        $this->surface = new DescribeSurfaceStep($find->blind());
    }

    /**
     * Only what is really done, and to what is asked for.
     *
     * @param \Closure(Step): bool $there
     *
     * @return list<StepCalculation>
     */
    public function doneOn(Recipe $recipe, Climate $climate, WorkingDefaults $habits, \Closure $there): array
    {
        return array_values(array_filter(
            $this->workOut($recipe, $climate, $habits),
            static fn (StepCalculation $w): bool => $w->isDone() && $there($w->step),
        ));
    }

    /**
     * @return list<StepCalculation>
     */
    public function workOut(Recipe $recipe, Climate $climate, WorkingDefaults $habits): array
    {
        $faces = $this->faces($recipe, $habits);
        $hands = array_map(
            fn (Step $s): Hands => $this->hands->hands(recipe: $recipe, step: $s, lies: [], habits: $habits),
            $recipe->steps,
        );
        $works = [];
        $counted = 0;
        foreach ($recipe->steps as $i => $step) {
            $counted += $step->isFurtherColour() ? 0 : 1;
            $turned = 0.0;
            foreach ($recipe->partsOf($step) as $part) {
                $turned += $part->turned && $part->surface->hasTwoSides($step->facesOf($part))
                    ? $this->otherSide($part) * $recipe->piece->count
                    : 0.0;
            }
            $touched = array_filter($faces, static fn (FacesAlike $f): bool => $f->isTouched($i));
            $works[] = $work = $this->step(
                step: $step,
                number: $i + 1,
                counted: $counted,
                surfaces: array_values(array_map(
                    fn (FacesAlike $f): array => [$this->area($recipe, $step, $f), $f->drinks()],
                    $touched,
                )),
                whole: array_sum(array_map(static fn (FacesAlike $f): float => $f->area, $touched)),
                hands: null === $step->profile->atGrit ? $hands[$i] : $this->hands->hands(
                    recipe: $recipe,
                    step: $step,
                    lies: array_values(array_map(static fn (FacesAlike $f): array => [$f->area, $f->lies(), $f->slow()], $touched)),
                    habits: $habits,
                ),
                together: $this->together($recipe, $hands, $i),
                turned: Effect::Adds === $step->profile->effect ? $turned : 0.0,
                climate: $climate,
                habits: $habits,
                onlyIfNot: $recipe->onlyIfNot($step),
                masking: $this->mask->mask($recipe, $i),
                layout: $this->layOut->layOut($recipe, $step),
            );
            foreach ($work->isDone() ? $touched : [] as $f) { // what may never be done changes nothing for what follows
                $f->work($this->surface->describe($work, $f->part));
            }
        }

        return $works;
    }

    /**
     * The faces that are alike before the work and that the same steps touch.
     *
     * @return list<FacesAlike>
     */
    private function faces(Recipe $recipe, WorkingDefaults $habits): array
    {
        $alike = [];
        foreach ($recipe->piece->parts as $part) {
            foreach (array_keys($part->surface->faces) as $face) {
                $by = array_keys(array_filter($recipe->steps, static fn (Step $s): bool => $s->touchesFace($part, $face)));
                $key = implode(' ', [$part->id, $part->field($face)->id ?? '', ...$by]);
                $alike[$key] ??= new FacesAlike($part, $by, $this->build->start(Origin::of($part, $face, $habits->lastGrit), Zone::Field));
                $alike[$key]->add($face, $part->totalArea([$face]) * $recipe->piece->count);
            }
        }

        return array_values($alike);
    }

    /**
     * m² of the broad face that is laid when a part has been turned.
     */
    private function otherSide(PiecePart $part): float
    {
        $broad = array_values(array_filter($part->surface->faces, static fn (array $f): bool => $f[0]->broad));

        return $broad[\count($broad) - 1][1]->area * $part->count;
    }

    /**
     * @param list<array{float, float}> $surfaces area in m² and absorption, face by face
     * @param float                     $whole    m² of all the faces it touches, of which it may be meant for some
     * @param float                     $together minutes on the surface of all that is worked into one another while it is wet
     * @param float                     $turned   m² that are laid after parts have been turned
     */
    private function step(
        Step $step,
        int $number,
        int $counted,
        array $surfaces,
        float $whole,
        Hands $hands,
        float $together,
        float $turned,
        Climate $climate,
        WorkingDefaults $habits,
        ?Step $onlyIfNot,
        ?Masking $masking,
        ?LayoutPreview $layout,
    ): StepCalculation {
        $figures = $step->profile;
        $figures = $figures->covering($layout->covers ?? $step->cover());
        $sheets = $step->detail->layout instanceof Sheets ? $step->detail->layout : null;
        $area = array_sum(array_column($surfaces, 0));
        $mix = null === $step->uses ? null : $this->flatten->flatten($step->uses);
        $main = $mix?->main();
        $character = null === $mix ? null : $this->derive->derive($mix)->dryingIn($habits->own->dries($main) ?? 1.0);
        $takes = $habits->own->takes($main, $step->technique->key()) ?? 1.0;
        $weight = $step->detail->weight ?? $habits->weight;
        $film = null === $character
            ? null
            : $this->lay->lay(
                mix: $character,
                technique: $figures,
                weight: $weight,
                left: $step->detail->left,
                dwell: $step->detail->dwell,
                wiped: $step->detail->wiping?->leaves() ?? 1.0,
            );
        $film = match (true) {
            null === $sheets => $film,
            null === $film && Effect::Adds === $figures->effect => CoatFilm::dry($sheets->thickness),
            default => $film?->under($sheets->thickness),
        };
        $drying = null === $character
            ? null
            : $this->predict->predict(
                handling: $character->handling,
                climate: $climate,
                ofNormal: Effect::Adds === $figures->effect && null !== $film ? $film->ofNormal : 1.0,
                laid: Effect::Adds === $figures->effect && null !== $film ? $film->wet / $character->normalWet : 1.0,
            );

        return new StepCalculation(
            step: $step,
            number: $number,
            counted: $counted,
            area: $area,
            whole: $whole,
            turnedArea: $turned,
            hands: $hands,
            together: $together,
            mix: $mix,
            character: $character,
            weight: $weight,
            film: Effect::Adds === $figures->effect ? $film : null,
            allNeeds: null === $film || null === $mix
                ? []
                : $this->need->need(
                    surfaces: $surfaces,
                    wet: $takes * $film->wet,
                    coats: $step->rounds(Scenario::Most),
                    technique: $figures,
                ),
            drying: $drying,
            onlyIfNot: $onlyIfNot,
            masking: $masking,
            layout: $layout,
        );
    }

    /**
     * A step with another material or done in another way, of which only what is laid is asked for: place, hands and what is laid out are
     * as
     * before.
     */
    public function varied(StepCalculation $before, Step $step, Climate $climate, WorkingDefaults $habits): StepCalculation
    {
        return $this->step(
            step: $step,
            number: $before->number,
            counted: $before->counted,
            surfaces: [],
            whole: 0.0,
            hands: $before->hands,
            together: $before->together,
            turned: 0.0,
            climate: $climate,
            habits: $habits,
            onlyIfNot: null,
            masking: null,
            layout: $before->layout,
        );
    }

    /** m² that a step is meant for, of faces that are alike. */
    private function area(Recipe $recipe, Step $step, FacesAlike $on): float
    {
        return array_sum(array_map(
            fn (string $face): float => $this->hands->area(recipe: $recipe, step: $step, part: $on->part, face: $face),
            $on->faces,
        ));
    }

    /**
     * Minutes on the surface for all that is one wet work with a step.
     *
     * @param list<Hands> $hands
     */
    private function together(Recipe $recipe, array $hands, int $i): float
    {
        $minutes = $hands[$i]->working;
        for ($j = $i; $j > 0 && $recipe->steps[$j]->isWorkedInto($recipe->steps[$j - 1]); --$j) {
            $minutes += $hands[$j - 1]->working;
        }
        for ($j = $i + 1; $j < \count($recipe->steps) && $recipe->steps[$j]->isWorkedInto($recipe->steps[$j - 1]); ++$j) {
            $minutes += $hands[$j]->working;
        }

        return $minutes;
    }
}
