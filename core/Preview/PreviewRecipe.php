<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Inlaid\Core\Batch\DescribePour;
use Inlaid\Core\Batch\PotAllocator;
use Inlaid\Core\Batch\PotTaken;
use Inlaid\Core\Batch\RemarkOnMix;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Findings\AnalyseRecipe;
use Inlaid\Core\Findings\CheckRecipe;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Measure\Amount;
use Inlaid\Core\Practice\PersonalFactors;
use Inlaid\Core\Prep\ProposePrep;
use Inlaid\Core\Purchase\CountConsumables;
use Inlaid\Core\Purchase\DescribeCleanUp;
use Inlaid\Core\Purchase\MaterialNeed;
use Inlaid\Core\Purchase\PackCount;
use Inlaid\Core\Purchase\SumMaterials;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Scenario;
use Inlaid\Core\Schedule\PlannedAlone;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Work\Cost;
use Inlaid\Core\Work\OrderParts;
use Inlaid\Core\Work\StepCalculation;
use Inlaid\Core\Work\WorkOutReach;

/**
 * Works a whole recipe out: mixes and amounts, films, drying, the plan, cost. One document, one computation.
 */
final readonly class PreviewRecipe
{
    public function __construct(
        private AnalyseRecipe $analyse,
        private CheckRecipe $check = new CheckRecipe([]),
        private DescribePour $pour = new DescribePour(),
        private SumMaterials $materials = new SumMaterials(),
        private RemarkOnMix $remark = new RemarkOnMix(),
        private DescribeParts $parts = new DescribeParts(),
        private CountConsumables $consumables = new CountConsumables(),
        private ProposePrep $prep = new ProposePrep(),
        private OrderParts $order = new OrderParts(),
        private WorkOutReach $reach = new WorkOutReach(),
        private DescribeCleanUp $cleanUp = new DescribeCleanUp(),
    ) {
    }

    public function preview(Recipe $recipe, Context $context): Preview
    {
        $whole = $this->analyse->analyse($recipe, $context);
        $works = $whole->works;
        $pots = $this->pots($works, $context);
        $materials = $this->materials->sum($works, $pots, $context);
        $area = 0.0;
        foreach ($recipe->piece->parts as $part) {
            $area += $part->totalArea() * $recipe->piece->count;
        }
        $findings = $this->check->check($whole);

        return new Preview(
            title: $recipe->title,
            area: round($area, 4),
            parts: $this->parts->describe($whole),
            joints: $whole->joints,
            steps: array_map(
                fn (StepCalculation $w): StepPreview => $this->step(
                    work: $w,
                    whole: $whole,
                    pots: $pots[$w->step->id] ?? [],
                    context: $context,
                ),
                $works,
            ),
            stacks: $whole->stacks,
            materials: $materials,
            consumables: $this->consumables->count($works),
            cleanUp: $this->cleanUp->describe($works),
            plan: $whole->planned->plan,
            cost: $this->cost($works, $materials, $context),
            mostCost: [] === array_filter($works, static fn (StepCalculation $w): bool => $w->isOpen())
                ? null
                : $this->cost(works: $works, materials: $materials, context: $context, course: Scenario::Most),
            handsOn: HandsOnPreview::of($works),
            bought: $this->bought($materials),
            findings: $findings,
            prep: $this->prep->propose($whole, $findings),
        );
    }

    /**
     * @param list<StepCalculation> $works
     *
     * @return array<string, list<PotTaken>> by step
     */
    private function pots(array $works, Context $context): array
    {
        $left = new PotAllocator($context);
        $taken = [];
        foreach ([] === $context->pots ? [] : $works as $work) {
            if (null !== $work->mix) {
                $taken[$work->step->id] = $left->take($work->mix, $work->poured(Scenario::Most));
            }
        }

        return $taken;
    }

    /**
     * @param list<StepCalculation> $works
     * @param list<MaterialNeed>    $materials
     */
    private function cost(array $works, array $materials, Context $context, Scenario $course = Scenario::Expected): Cost
    {
        $used = array_map(static fn (MaterialNeed $n): ?float => Scenario::Most === $course ? $n->mostCost : $n->cost, $materials);

        return Cost::of(
            \in_array(null, $used, true) ? null : array_sum($used),
            array_sum(array_map(static fn (StepCalculation $w): int => $w->minutes($course), $works)),
            $context->rate,
        );
    }

    /**
     * @param list<MaterialNeed> $materials
     */
    private function bought(array $materials): ?float
    {
        $sum = 0.0;
        foreach ($materials as $need) {
            if ($need->toBuy && [] === $need->packs) {
                return null;
            }
            $sum += PackCount::price($need->packs);
        }

        return round($sum, 2);
    }

    private function rounds(StepCalculation $work, Context $context): RoundsPreview
    {
        $repeat = $work->step->repeat;
        $need = static fn (Scenario $course): ?Amount => null === $work->mix ? null : Amount::of($work->poured($course), $context->units);

        return new RoundsPreview(
            until: $repeat?->until->inWords(),
            otherwise: $repeat?->otherwise,
            onlyIfNot: $work->onlyIfNot?->id,
            least: $work->rounds(Scenario::Least),
            expected: $work->rounds(),
            most: $work->rounds(Scenario::Most),
            leastCost: $work->cost($context->rate, Scenario::Least),
            mostCost: $work->cost($context->rate, Scenario::Most),
            leastNeed: $need(Scenario::Least),
            mostNeed: $need(Scenario::Most),
        );
    }

    private function masking(StepCalculation $work, PlannedAlone $planned, Context $context): ?MaskingPreview
    {
        $masking = $work->masking;
        if (null === $masking) {
            return null;
        }
        $end = $masking->goesOn ? null : $planned->end($work->step->id);
        $iso = static fn (?int $instant): ?string => null === $instant ? null : $context->working->iso($instant);

        return new MaskingPreview(
            tape: round($masking->tape, 1),
            sheet: round($masking->sheet, 1),
            minutes: $masking->minutes,
            stays: $masking->stays,
            pullFrom: $iso($end),
            pullBy: $iso(null === $end || !isset($work->film) ? $end : $end + 60 * ($work->drying->touch->planned ?? 0)),
        );
    }

    /**
     * @param list<PotTaken> $pots
     */
    private function step(StepCalculation $work, RecipeAnalysis $whole, array $pots, Context $context): StepPreview
    {
        $step = $work->step;
        $film = $work->film;
        $pour = $this->pour->describe(
            work: $work,
            pots: $pots,
            mixings: $whole->planned->mixings[$step->id] ?? [],
            context: $context,
        );

        return new StepPreview(
            id: $step->id,
            number: $work->counted,
            name: $step->name(),
            technique: $step->technique->name(),
            effect: $step->profile->effect,
            area: round($work->area, 4),
            coats: $step->coats,
            rounds: $work->isOpen() ? $this->rounds($work, $context) : null,
            lays: $work->turnedArea > 0 ? 2 : 1,
            handsOn: $work->handsOn,
            setUp: (int) round($work->hands->setUp),
            handling: (int) round($work->hands->handling),
            removes: Effect::TakesAway === $step->profile->effect ? round($work->removes(), 1) : null,
            cost: $work->cost($context->rate),
            another: $work->costOfAnother($context->rate),
            film: null === $film ? null : new FilmPreview(
                wet: round($film->wet, 2),
                stays: round($film->stays, 2),
                dry: round($film->dry, 3),
                total: round($film->dry * $step->coats, 3),
                cover: $work->cover(),
                weight: $work->weight,
            ),
            pour: $pour,
            drying: $work->drying,
            order: $this->order->order($whole->recipe, $step, $whole->habits),
            reaches: $whole->reached($this->reach, $work),
            masking: $this->masking($work, $whole->planned, $context),
            layout: $work->layout,
            sections: $work->sections(),
            remarks: null === $pour || null === $work->character
                ? []
                : $this->remark->remark($work->character, $pour->mixes[0]->batch, $pour->mixes[0]->cup),
            cautions: $work->mix?->cautions() ?? [],
            own: $this->own($work, $context->own),
        );
    }

    /**
     * @return list<string>
     */
    private function own(StepCalculation $work, PersonalFactors $own): array
    {
        $main = $work->mix?->main();
        $drying = null === $work->drying ? null : $own->dries($main);
        $amount = null === $work->film ? null : $own->takes($main, $work->step->technique->key());

        return array_values(array_filter([
            null === $drying ? null : \sprintf('Your log: dries %s than the label.', self::percentOff($drying, 'slower', 'faster')),
            null === $amount ? null : \sprintf('Your log: uses %s than the label.', self::percentOff($amount, 'more', 'less')),
        ]));
    }

    private static function percentOff(float $factor, string $more, string $less): string
    {
        return \sprintf('%d %% %s', (int) round(100 * abs($factor - 1)), $factor >= 1 ? $more : $less);
    }
}
