<?php

declare(strict_types=1);

namespace Inlaid\Core\Purchase;

use Brick\Math\BigRational;
use Inlaid\Core\Batch\PotTaken;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Film\JarRunsOut;
use Inlaid\Core\Material\ChoosePacks;
use Inlaid\Core\Material\Pack;
use Inlaid\Core\Measure\Amount;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Measure\PrintQuantity;
use Inlaid\Core\Mixing\Component;
use Inlaid\Core\Mixing\Ingredient;
use Inlaid\Core\Recipe\Scenario;
use Inlaid\Core\Work\StepCalculation;

/**
 * Sums what a recipe takes of every material, which packs cover it, and where one small pack would run out.
 */
final readonly class SumMaterials
{
    public function __construct(private ChoosePacks $packs = new ChoosePacks())
    {
    }

    /**
     * @param list<StepCalculation>         $works
     * @param array<string, list<PotTaken>> $pots  what each step takes from pots on the shelf
     *
     * @return list<MaterialNeed> in order of first use
     */
    public function sum(array $works, array $pots, Context $context): array
    {
        $uses = $inPots = [];
        foreach ($works as $work) {
            foreach ($work->mix->leaves ?? [] as $leaf) {
                $uses[$leaf->material->id][] = [$leaf, $work];
                foreach ($pots[$work->step->id] ?? [] as $taken) {
                    $inPots[$leaf->material->id] = $leaf->mass->multipliedBy($taken->takes)->plus(
                        $inPots[$leaf->material->id] ?? 0,
                    )->simplified();
                }
            }
        }

        return array_map(
            fn (array $use, string $id): MaterialNeed => $this->need($use, $inPots[$id] ?? BigRational::zero(), $context),
            $uses,
            array_keys($uses),
        );
    }

    /**
     * @param non-empty-list<array{Component, StepCalculation}> $uses
     * @param BigRational                                       $inPots g that are in pots for it already
     */
    private function need(array $uses, BigRational $inPots, Context $context): MaterialNeed
    {
        $material = $uses[0][0]->material;
        $of = static fn (Scenario $course): BigRational => ExactNumber::sum(array_map(
            static fn (array $u): BigRational => $u[0]->mass->multipliedBy($u[1]->poured($course)),
            $uses,
        ));
        $most = $of(Scenario::Most);
        $isOpen = [] !== array_filter($uses, static fn (array $u): bool => $u[1]->isOpen());
        [$least, $grams] = $isOpen ? [$of(Scenario::Least), $of(Scenario::Expected)] : [$most, $most];
        $amount = static fn (BigRational $g): Amount => Amount::of($g->dividedBy($material->body->asMeasured()), $context->units, $g);
        $open = $isOpen && !$least->isEqualTo($most);
        $price = $material->pricePerGram;
        $left = $context->left($material);
        $fresh = $most->minus($inPots);
        $short = null === $left || $left->isLessThan($fresh) ? $fresh->minus($left ?? 0) : BigRational::zero();
        $sizes = $material->sizes;
        $print = new PrintQuantity($context->units);

        return new MaterialNeed(
            materialId: $material->id,
            name: $material->name,
            colour: Ingredient::colourOf($material),
            amount: $amount($grams),
            least: $open ? $amount($least) : null,
            most: $open ? $amount($most) : null,
            left: null === $left ? null : $amount($left),
            inPots: $inPots->isPositive() ? $amount($inPots) : null,
            toBuy: $short->isPositive(),
            packs: PackCount::all($this->packs->choose($material, $short->toFloat()), $context->units),
            cost: null === $price ? null : round($price * $grams->toFloat(), 2),
            mostCost: null === $price ? null : round($price * $most->toFloat(), 2),
            runsOut: [] === $sizes ? null : $this->runsOut($sizes[\count($sizes) - 1], $uses, $print),
        );
    }

    /**
     * Coat after coat, to the last round there may be.
     *
     * @param array{Pack, float}                                $smallest pack and grams
     * @param non-empty-list<array{Component, StepCalculation}> $uses
     */
    private function runsOut(array $smallest, array $uses, PrintQuantity $print): ?string
    {
        $coats = $places = [];
        foreach ($uses as [$leaf, $work]) {
            $mass = $leaf->mass->toFloat();
            foreach ($work->needs(Scenario::Most) as $i => $need) {
                $coats[] = [$mass * $need->poured->toFloat(), $need->area];
                $places[] = [$work->number, $i + 1];
            }
        }
        $out = JarRunsOut::where($smallest[1], $coats);

        return null === $out ? null : \sprintf(
            'One %s pack runs out in step %d, coat %d, after %s m².',
            $print->inWords($smallest[0]->size),
            $places[$out->coat - 1][0],
            $places[$out->coat - 1][1],
            ExactNumber::plain(floor($out->area * 100) / 100),
        );
    }
}
