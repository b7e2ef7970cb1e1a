<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Purchase;

use Brick\Math\BigRational;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Material\ChoosePacks;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\Pack;
use Inlaid\Core\Measure\Quantity;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Purchase\ListShopping;
use Inlaid\Core\Purchase\ShoppingLine;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Made;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * What is to be bought for several recipes, and in which packs.
 */
final class ShoppingTest extends TestCase
{
    use Randomly;

    /** Three boards of one paint, the shelf holds what two take: enough for the first two, and the third is bought. */
    public function testTheShelfIsUsedInTheOrderOfTheWork(): void
    {
        $paint = self::packed(['500' => 12.0, '1000' => 20.0]);
        $board = static fn (string $title): Recipe => Made::recipe([Made::step('top', 'brushed', $paint, 2)], 2.0, $title);
        $one = self::grams(self::lines([$board('A')])['paint']->need->g);
        $context = self::holding(['paint' => 2 * $one + 1]);
        $line = self::lines([$board('A'), $board('B'), $board('C')], $context)['paint'];
        self::assertSame([['A', 'B'], ['C']], [$line->enoughFor, $line->notEnoughFor]);
        self::assertEqualsWithDelta(3 * $one, $line->need->g, 0.002);
        self::assertEqualsWithDelta($one - 1, $line->short->g ?? 0.0, 0.0015);
        self::assertEqualsWithDelta(2 * $one + 1, $line->left->g ?? 0.0, 0.001);
        self::assertNull($line->inPots);
        self::assertSame([[1, '500 ml']], array_map(static fn ($p): array => [$p->count, $p->exact], $line->packs), 'a small one will do');
        self::assertSame(12.0, $line->price);

        $enough = self::lines([$board('A'), $board('B')], $context)['paint'];
        self::assertSame([null, null, []], [$enough->short, $enough->price, $enough->notEnoughFor]);
    }

    /**
     * Whatever is to be done: what is needed is the sum of what the steps take; bought as it says, nothing is lacking, and a pack less
     * would be too little; the price is that of the packs.
     */
    public function testBoughtAsItSaysNothingIsLacking(): void
    {
        $this->manyTimes(60, function (): void {
            $materials = [
                'paint' => self::packed(['250' => (float) $this->int(5, 9), '1000' => (float) $this->int(10, 30)]),
                'other' => Given::paint('other', density: '1.1'),
                'water' => Given::water(),
            ];
            $wash = Mixture::of('wash', Basis::ByVolume, [
                Part::of(BigRational::of($this->int(1, 3)), $materials['paint']),
                Part::of(BigRational::of($this->int(1, 4)), $materials['water']),
            ]);
            $recipes = array_map(fn (int $i): Recipe => Made::recipe([
                Made::step('under', 'brushed', $materials['other'], $this->int(1, 2)),
                Made::step('over', 'brushed', 0 === $this->int(0, 1) ? $wash : $materials['paint'], $this->int(1, 3)),
            ], $this->float(0.2, 6.0), "Board $i"), range(1, $this->int(1, 3)));
            $context = self::holding(['paint' => $this->int(0, 900), 'other' => $this->int(0, 900)]);
            $list = (new ListShopping(Given::practices()))->list($recipes, $context);

            $takes = $titles = [];
            foreach ($recipes as $recipe) {
                foreach (Made::works($recipe, $context) as $work) {
                    foreach ($work->mix->leaves ?? [] as $leaf) {
                        $titles[$leaf->material->id][$recipe->title] = $recipe->title;
                        $takes[$leaf->material->id] = ($takes[$leaf->material->id] ?? 0.0)
                            + $leaf->mass->toFloat() * $work->poured()->toFloat();
                    }
                }
            }
            $price = 0.0;
            foreach ($list->lines as $line) {
                self::assertEqualsWithDelta($takes[$line->materialId], $line->need->g, 0.001);
                $left = $line->left->g ?? 0.0;
                self::assertEqualsWithDelta(max(0.0, $line->need->g - $left), $line->short->g ?? 0.0, 0.0015);
                self::assertSame(null === $line->short, [] === $line->notEnoughFor);
                self::assertSame(array_values($titles[$line->materialId]), [...$line->enoughFor, ...$line->notEnoughFor]);
                if ([] !== $line->packs) {
                    $volume = array_sum(array_map(static fn ($p): float => $p->count * (float) $p->exact, $line->packs));
                    $smallest = min(array_map(static fn ($p): float => (float) $p->exact, $line->packs));
                    self::assertGreaterThanOrEqual(($line->short->ml ?? 0.0) - 0.001, $volume);
                    self::assertLessThan($line->short->ml ?? 0.0, $volume - $smallest);
                    $price += (float) $line->price;
                }
            }
            $unknown = array_filter($list->lines, static fn (ShoppingLine $l): bool => null !== $l->short && null === $l->price);
            self::assertEqualsWithDelta([] === $unknown ? $price : null, $list->price, 0.005, 'no price where one is not known');
        });
    }

    /** The cheapest of all ways to buy so much, each tried. */
    public function testTheCheapestPacksAreChosen(): void
    {
        $this->manyTimes(80, function (): void {
            $sizes = array_combine(
                array_map(fn (int $i): string => (string) ($i * 100 + $this->int(0, 90)), range(1, $count = $this->int(1, 3))),
                array_map(fn (): float => (float) $this->int(2, 40), range(1, $count)),
            );
            $material = self::packed($sizes);
            $grams = $this->float(1, 1500);
            $least = \INF;
            $most = array_map(static fn (int|string $ml): int => (int) ceil($grams / (1.3 * (float) $ml)), array_keys($sizes));
            foreach (range(0, $most[0]) as $a) {
                foreach (range(0, $most[1] ?? 0) as $b) {
                    foreach (range(0, $most[2] ?? 0) as $c) {
                        $ml = $cost = 0.0;
                        foreach (array_keys($sizes) as $i => $size) {
                            $ml += [$a, $b, $c][$i] * (float) $size;
                            $cost += [$a, $b, $c][$i] * $sizes[$size];
                        }
                        $least = 1.3 * $ml >= $grams - 1e-6 ? min($least, $cost) : $least;
                    }
                }
            }
            $chosen = (new ChoosePacks())->choose($material, $grams);
            $holds = array_sum(array_map(static fn (array $p): float => $p[1] * 1.3 * $p[0]->size->amount->toFloat(), $chosen));
            self::assertGreaterThanOrEqual($grams - 1e-6, $holds);
            self::assertEqualsWithDelta($least, array_sum(array_map(static fn (array $p): float => $p[1] * $p[0]->price, $chosen)), 1e-6);
        });
    }

    public function testOfWhatIsNotSoldOrNotNeededNoPacksAreChosen(): void
    {
        $choose = new ChoosePacks();
        self::assertSame([], $choose->choose(Given::paint(), 500.0), 'nobody knows its packs');
        self::assertSame([], $choose->choose(self::packed(['500' => 9.0]), 0.0));
        $many = $choose->choose(self::packed(['500' => 9.0, '100' => 2.0]), 61 * 650.0);
        self::assertSame([61], array_column($many, 1), 'of very many only the largest');
    }

    /**
     * @param array<int|string, float> $sizes price by ml
     */
    private static function packed(array $sizes): Material
    {
        $paint = Given::paint();

        return Material::of(
            $paint->id,
            1,
            $paint->name,
            $paint->kind,
            true,
            $paint->body,
            $paint->handling,
            $paint->look,
            packs: array_map(
                static fn (int|string $ml, float $price): Pack => Pack::of(Quantity::millilitres((string) $ml), $price),
                array_keys($sizes),
                array_values($sizes),
            ),
        );
    }

    /**
     * @param array<string, int|float> $grams by material
     */
    private static function holding(array $grams): Context
    {
        return Given::context()->withStock(array_map(
            static fn (int|float $g): Quantity => Quantity::grams(BigRational::of((string) $g)),
            $grams,
        ));
    }

    private static function grams(?float $g): float
    {
        return $g ?? throw new \LogicException('What is mixed has a mass.');
    }

    /**
     * @param list<Recipe> $recipes
     *
     * @return array<string, ShoppingLine> by material
     */
    private static function lines(array $recipes, ?Context $context = null): array
    {
        $list = (new ListShopping(Given::practices()))->list($recipes, $context ?? Given::context());

        return array_column($list->lines, null, 'materialId');
    }
}
