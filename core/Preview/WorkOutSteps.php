<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Drying\PredictDrying;
use Inlaid\Core\Film\LayCoat;
use Inlaid\Core\Film\WorkOutNeed;
use Inlaid\Core\Mixing\DeriveCharacter;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Recipe\PiecePart;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\School\Habits;
use Inlaid\Core\Technique\Act;

/**
 * Works out mix, film, need and drying of every step in order, remembering what each part's ground still drinks.
 */
final readonly class WorkOutSteps
{
    public function __construct(
        private FlattenMix $flatten = new FlattenMix(),
        private DeriveCharacter $derive = new DeriveCharacter(),
        private LayCoat $lay = new LayCoat(),
        private WorkOutNeed $need = new WorkOutNeed(),
        private PredictDrying $predict = new PredictDrying(),
    ) {
    }

    /**
     * @return list<StepWork>
     */
    public function workOut(Recipe $recipe, Climate $climate, Habits $habits): array
    {
        $sealed = $lastGrit = [];
        $works = [];
        foreach ($recipe->steps as $i => $step) {
            $parts = $recipe->partsOf($step);
            $surfaces = [];
            foreach ($parts as $part) {
                $drinks = isset($sealed[$part->id]) ? 1.0 : $this->absorption($part, $lastGrit[$part->id] ?? $habits->lastGrit);
                $surfaces[] = [$part->totalArea() * $recipe->piece->count, $drinks];
                if (null !== $step->detail->grit && Act::TakesAway === $step->technique->figures()->act) {
                    $lastGrit[$part->id] = $step->detail->grit;
                }
            }
            $works[] = $work = $this->step($step, $i + 1, $surfaces, $climate, $habits);
            if (null !== $work->film && Act::Adds === $step->technique->figures()->act && $step->technique->figures()->cover >= 0.5) {
                $sealed += array_fill_keys(array_map(static fn (PiecePart $p): string => $p->id, $parts), true);
            }
        }

        return $works;
    }

    private function absorption(PiecePart $part, int $grit): float
    {
        return $part->absorption ?? ($part->substrate->isBareWood() ? max(1.0, $part->substrate->absorption() * Habits::uptake($grit)) : 1.0);
    }

    /**
     * @param list<array{float, float}> $surfaces area in m² and absorption, part by part
     */
    private function step(Step $step, int $number, array $surfaces, Climate $climate, Habits $habits): StepWork
    {
        $figures = $step->technique->figures();
        $area = array_sum(array_column($surfaces, 0));
        $mix = null === $step->uses ? null : $this->flatten->flatten($step->uses);
        $character = null === $mix ? null : $this->derive->derive($mix);
        $weight = $step->detail->weight ?? $habits->weight;
        $film = null === $character ? null : $this->lay->lay($character, $figures, $weight, $step->detail->left);
        $drying = null === $character ? null : $this->predict->predict($character->handling, $climate, Act::Adds === $figures->act && null !== $film ? $film->ofNormal : 1.0);

        return new StepWork(
            $step,
            $number,
            $area,
            $this->handsOn($step, $area, $habits),
            $mix,
            $character,
            $weight,
            Act::Adds === $figures->act ? $film : null,
            null === $film ? [] : $this->need->need($surfaces, $film->wet, $step->coats, $figures),
            $drying,
        );
    }

    /**
     * Minutes for one coat: what the step states, else area ÷ rate, and the dwell, which somebody has to stand by.
     */
    private function handsOn(Step $step, float $area, Habits $habits): int
    {
        $figures = $step->technique->figures();
        if (Act::Waits === $figures->act) {
            return 0;
        }
        $work = $step->detail->handsOn ?? (int) max(2, ceil($area / $figures->rate * ($figures->byBrush ? $habits->brushing : 1.0) - 1e-9));

        return $work + ($step->detail->dwell ?? 0);
    }
}
