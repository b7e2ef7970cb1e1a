<?php

declare(strict_types=1);

namespace Inlaid\Core\Purchase;

use Brick\Math\BigRational;
use Inlaid\Core\Batch\PotAllocator;
use Inlaid\Core\Batch\PotTaken;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Material\ChoosePacks;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\Amount;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Mixing\Ingredient;
use Inlaid\Core\Practice\Practices;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Scenario;
use Inlaid\Core\Work\WorkOutSteps;

/**
 * Lists what is to be bought for several recipes, done one after the other from what is left on the shelf and in pots.
 */
final readonly class ListShopping
{
    public function __construct(
        private Practices $practices,
        private WorkOutSteps $steps = new WorkOutSteps(),
        private ChoosePacks $packs = new ChoosePacks(),
    ) {
    }

    /**
     * @param list<Recipe> $recipes in the order they are done
     */
    public function list(array $recipes, Context $context): ShoppingList
    {
        $needs = $inPots = [];
        $pots = new PotAllocator($context);
        foreach ($recipes as $i => $recipe) {
            foreach ($this->steps->workOut($recipe, $context->climate, $context->habits($this->practices, $recipe)) as $work) {
                $poured = null === $work->mix ? [] : $pots->take($work->mix, $work->poured(Scenario::Most));
                $potted = ExactNumber::sum(array_map(static fn (PotTaken $t): BigRational => $t->takes, $poured));
                foreach ($work->mix->leaves ?? [] as $leaf) {
                    $id = $leaf->material->id;
                    $grams = $needs[$id][1] ?? [];
                    $grams[$i] = [
                        $recipe->title,
                        (
                            $grams[$i][1] ?? BigRational::zero()
                        )->plus($leaf->mass->multipliedBy($work->poured(Scenario::Most)->minus($potted)))->simplified(),
                    ];
                    $inPots[$id] = ($inPots[$id] ?? BigRational::zero())->plus($leaf->mass->multipliedBy($potted))->simplified();
                    $needs[$id] = [$leaf->material, $grams];
                }
            }
        }
        $lines = array_map(
            fn (array $need, string $id): ShoppingLine => $this->line(
                material: $need[0],
                needs: $need[1],
                inPots: $inPots[$id] ?? BigRational::zero(),
                context: $context,
            ),
            $needs,
            array_keys($needs),
        );
        $unknown = array_filter($lines, static fn (ShoppingLine $l): bool => null !== $l->short && null === $l->price);

        return new ShoppingList(
            $lines,
            [] === $unknown ? round(array_sum(array_map(static fn (ShoppingLine $l): float => $l->price ?? 0.0, $lines)), 2) : null,
        );
    }

    /**
     * @param array<int, array{string, BigRational}> $needs  title and grams of each recipe, in their order, besides what is in pots for it
     * @param BigRational                            $inPots g
     */
    private function line(Material $material, array $needs, BigRational $inPots, Context $context): ShoppingLine
    {
        $left = $context->left($material);
        $sum = BigRational::zero();
        $enough = $notEnough = [];
        foreach ($needs as [$title, $grams]) {
            $sum = $sum->plus($grams)->simplified();
            $sum->isLessThanOrEqualTo($left ?? 0) ? $enough[] = $title : $notEnough[] = $title;
        }
        $short = $sum->minus($left ?? 0)->simplified();
        $amount = static fn (BigRational $g): Amount => Amount::of(
            $g->dividedBy($material->body->asMeasured())->simplified(),
            $context->units,
            $g,
        );
        $packs = $short->isPositive() ? PackCount::all($this->packs->choose($material, $short->toFloat()), $context->units) : [];

        return new ShoppingLine(
            materialId: $material->id,
            name: $material->name,
            colour: Ingredient::colourOf($material),
            need: $amount($sum->plus($inPots)->simplified()),
            left: null === $left ? null : $amount($left),
            inPots: $inPots->isPositive() ? $amount($inPots) : null,
            short: $short->isPositive() ? $amount($short) : null,
            packs: $packs,
            price: [] === $packs ? null : PackCount::price($packs),
            enoughFor: $enough,
            notEnoughFor: $notEnough,
        );
    }
}
