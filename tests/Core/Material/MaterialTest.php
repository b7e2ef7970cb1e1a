<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Material;

use Brick\Math\BigRational;
use Inlaid\App\Exchange\Catalogue\LoadMaterials;
use Inlaid\App\Exchange\Document\ReadMaterial;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Material\Ambering;
use Inlaid\Core\Material\Body;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\ChoosePacks;
use Inlaid\Core\Material\DescribeMaterial;
use Inlaid\Core\Material\Dries;
use Inlaid\Core\Material\Handling;
use Inlaid\Core\Material\Hazard;
use Inlaid\Core\Material\Learned;
use Inlaid\Core\Material\Look;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Material\Pack;
use Inlaid\Core\Material\Residue;
use Inlaid\Core\Material\StatedTimes;
use Inlaid\Core\Measure\Quantity;
use Inlaid\Tests\Core\Bounds;
use Inlaid\Tests\Core\Randomly;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * What can be true of a material, what its packs cost, and what its label is told as.
 */
final class MaterialTest extends TestCase
{
    use Bounds;
    use Randomly;

    /**
     * A figure, the least and the most it may be, and what is said outside of that.
     *
     * @return iterable<string, array{\Closure(float): mixed, ?float, ?float, float, string}>
     */
    public static function figures(): iterable
    {
        yield 'density' => [
            static fn (float $x) => self::body(density: $x),
            0.05,
            20.0,
            0.001,
            'Density must be between 0.05 and 20 g/ml.',
        ];
        yield 'scooped' => [
            static fn (float $x) => self::body(scooped: $x),
            0.05,
            20.0,
            0.001,
            'Scooped density must be between 0.05 and 20 g/ml.',
        ];
        yield 'solids' => [static fn (float $x) => self::body(solids: $x), 0.0, 1.0, 0.001, 'Volume solids must be between 0 and 1.'];
        yield 'build' => [static fn (float $x) => self::body(build: $x), 0.0, 1.0, 0.001, 'Build must be between 0 and 1.'];
        yield 'spread' => [
            static fn (float $x) => self::body(spread: $x),
            0.2,
            200.0,
            0.01,
            'Spread rate must be between 0.2 and 200 m²/L.',
        ];
        yield 'thinning' => [
            static fn (float $x) => self::body(thinning: $x),
            0.0,
            1000.0,
            0.01,
            'Maximum thinning must be between 0 and 1000 volumes.',
        ];
        yield 'slaking' => [
            static fn (float $x) => self::body(slake: (int) $x),
            0,
            2880,
            1,
            'Slaking must be between 0 minutes and 2 days.',
        ];
        yield 'open time' => [static fn (float $x) => self::handling(open: (int) $x), 1, null, 1, 'Open time must be more than 0 minutes.'];
        yield 'pot life' => [static fn (float $x) => self::handling(pot: (int) $x), 1, null, 1, 'Pot life must be more than 0 minutes.'];
        yield 'lowest' => [
            static fn (float $x) => self::handling(lowest: $x),
            -30.0,
            40.0,
            0.1,
            'The minimum temperature must be between -30 and 40 °C.',
        ];
        yield 'hiding' => [
            static fn (float $x) => Look::of(LookKind::Opaque, null, $x),
            0.0,
            0.999,
            0.0005,
            'Hiding must be between 0 and 0.999.',
        ];
        yield 'power' => [
            static fn (float $x) => Learned::of(Colour::of('#808080'), $x, 3),
            0.25,
            4.0,
            0.01,
            'The strength must be from a quarter to four times.',
        ];
        yield 'patches' => [
            static fn (float $x) => Learned::of(Colour::of('#808080'), 1.0, (int) $x),
            1,
            null,
            1,
            'The number of patches must be at least 1.',
        ];
        yield 'price' => [
            static fn (float $x) => Pack::of(Quantity::millilitres('250'), $x),
            0.0,
            null,
            0.01,
            'A price must be 0 or more.',
        ];
        yield 'touch' => [
            static fn (float $x) => StatedTimes::of((int) $x, 60, null, 60, 60),
            0,
            null,
            1,
            'Touch-dry must be 0 minutes or more.',
        ];
    }

    /**
     * @param \Closure(float): mixed $make
     */
    #[DataProvider('figures')]
    public function testAFigureThatCannotBeTrueIsRefused(\Closure $make, ?float $least, ?float $most, float $beyond, string $says): void
    {
        self::assertBounds($make, $least, $most, $beyond, $says);
    }

    public function testTimesFollowOneAnother(): void
    {
        $same = StatedTimes::of(60, 60, 60, 60, 60);
        self::assertSame([60, 60, 60, 60, 60], [$same->touch, $same->recoat, $same->recoatMost, $same->through, $same->cure]);
        $wrong = [
            'Touch-dry cannot come after recoat.' => static fn () => StatedTimes::of(61, 60, null, 70, 80),
            'Recoat cannot come after through-dry.' => static fn () => StatedTimes::of(10, 71, null, 70, 80),
            'Through-dry cannot come after cure.' => static fn () => StatedTimes::of(10, 60, null, 81, 80),
            'The earliest recoat cannot come after the latest.' => static fn () => StatedTimes::of(10, 60, 59, 70, 80),
            'A pack must be above 0.' => static fn () => Pack::of(Quantity::millilitres('0'), 1.0),
            'A name must be at least 1 letter.' => static fn () => self::material(name: '  '),
        ];
        foreach ($wrong as $says => $make) {
            self::assertSame($says, self::refusal($make));
        }
        // A painter for whom it dries half as long again: the window closes no earlier than it opens, and cure is what it is.
        $slow = StatedTimes::of(21, 60, 80, 240, 300)->dryingIn(1.5);
        self::assertSame([32, 90, 90, 360, 360], [$slow->touch, $slow->recoat, $slow->recoatMost, $slow->through, $slow->cure]);
        $quick = StatedTimes::of(20, 60, null, 240, 300)->dryingIn(0.5);
        self::assertSame([10, 30, null, 120, 300], [$quick->touch, $quick->recoat, $quick->recoatMost, $quick->through, $quick->cure]);
        $own = self::handling(open: 15, pot: 90)->dryingIn(2.0);
        self::assertSame(
            [40, 15, 90, true, 5.0],
            [$own->times?->touch, $own->openTime, $own->potLife, $own->rewets, $own->lowestTemperature],
        );
    }

    /** 1 l of 1.5 g/ml at 30 and 250 ml at 12: the litre is 2 cents a gram. A scoop of powder is loose. */
    public function testPricesAreByMass(): void
    {
        $paint = self::material(packs: [['250', 12.0], ['1000', 30.0]]);
        self::assertEqualsWithDelta(0.02, $paint->pricePerGram, 1e-12);
        self::assertSame([1500.0, 375.0], array_column($paint->sizes, 1), 'the largest first');
        self::assertNull(self::material()->pricePerGram);
        self::assertEqualsWithDelta(3.0, Material::cost([[$paint, BigRational::of(100)], [$paint, BigRational::of(50)]]), 1e-9);
        self::assertNull(Material::cost([[$paint, BigRational::of(100)], [self::material(), BigRational::of(1)]]));
        self::assertSame(0.0, Material::cost([]));
        $powder = self::body(density: 2.4, scooped: 0.8);
        self::assertSame(40.0, $powder->inGrams(Quantity::millilitres('50'))->toFloat());
        self::assertSame(50.0, $powder->inGrams(Quantity::grams(50))->toFloat());
        self::assertSame(75.0, self::body()->inGrams(Quantity::millilitres('50'))->toFloat());
    }

    /** The cheapest packs, against every number of every pack there is. */
    public function testTheCheapestPacksAreChosen(): void
    {
        $choose = new ChoosePacks();
        self::assertSame([], $choose->choose(self::material(packs: [['250', 12.0]]), 0.0));
        self::assertSame([], $choose->choose(self::material(), 10.0));
        self::assertSame([1, 2], array_map(
            static fn (float $g): int => $choose->choose(self::material(packs: [['1000', 30.0]]), $g)[0][1],
            [1500.0, 1500.1],
        ));
        // Small tins that cost next to nothing; where sixty large ones would not do, nobody counts small ones.
        $both = self::material(packs: [['1000', 30.0], ['250', 1.0]]);
        $counts = static fn (float $grams): array => array_map(
            static fn (array $p): string => "$p[1] of {$p[0]->size->amount}",
            $choose->choose($both, $grams),
        );
        self::assertSame(['4 of 250'], $counts(1500.0));
        self::assertSame(['61 of 1000'], $counts(90_001.0));
        self::assertSame(['240 of 250'], $counts(90_000.0));
        $this->manyTimes(200, function () use ($choose): void {
            $packs = array_map(fn (): array => [(string) $this->int(50, 1000), (float) $this->int(2, 40)], range(1, $this->int(1, 3)));
            $material = self::material(packs: $packs);
            $need = $this->float(1.0, 4000.0);
            $best = \INF;
            $counts = array_map(static fn (array $s): int => (int) ceil($need / $s[1]), $material->sizes);
            for ($a = 0; $a <= $counts[0]; ++$a) {
                for ($b = 0; $b <= ($counts[1] ?? 0); ++$b) {
                    for ($c = 0; $c <= ($counts[2] ?? 0); ++$c) {
                        $many = [$a, $b, $c];
                        $holds = array_sum(
                            array_map(
                                static fn (array $s, int $i): float => $s[1] * $many[$i],
                                $material->sizes,
                                array_keys($material->sizes),
                            ),
                        );
                        $costs = array_sum(
                            array_map(
                                static fn (array $s, int $i): float => $s[0]->price * $many[$i],
                                $material->sizes,
                                array_keys($material->sizes),
                            ),
                        );
                        $best = $holds >= $need - 1e-6 ? min($best, $costs) : $best;
                    }
                }
            }
            $chosen = $choose->choose($material, $need);
            $holds = array_column(array_map(static fn (array $s): array => [spl_object_id($s[0]), $s[1]], $material->sizes), 1, 0);
            self::assertGreaterThanOrEqual(
                $need - 1e-6,
                array_sum(array_map(static fn (array $p): float => $p[1] * $holds[spl_object_id($p[0])], $chosen)),
            );
            self::assertEqualsWithDelta($best, array_sum(array_map(static fn (array $p): float => $p[1] * $p[0]->price, $chosen)), 1e-6);
            self::assertNotContains(0, array_column($chosen, 1));
        });
    }

    /** What the painter's patches say goes before the label where it is to be used. */
    public function testTheOwnPatchesGoBeforeTheLabel(): void
    {
        $learned = Learned::of(Colour::of('#102030'), 1.4, 5);
        $paint = self::material()->learning($learned);
        self::assertSame(
            ['#102030', 1.4, '#5b6b73'],
            [$paint->look->believed()?->hex, $paint->look->power(), $paint->look->stated()?->hex],
        );
        $not = self::material()->learning(Learned::of(Colour::of('#102030'), 1.4, 5, false));
        self::assertSame(['#5b6b73', 1.0], [$not->look->believed()?->hex, $not->look->power()]);
        $stain = Look::of(LookKind::Stain, Colour::of('#111111'), onWood: Colour::of('#99aa88'));
        self::assertSame('#99aa88', $stain->stated()?->hex);
        self::assertNull(Look::of(LookKind::Clear, Colour::of('#111111'))->stated());
        self::assertSame('#111111', Look::of(LookKind::Translucent, Colour::of('#111111'))->stated()?->hex);
        $other = self::material()->coloured(Colour::of('#ffffff'));
        self::assertSame(['paint#ffffff', '#ffffff', 0.9], [$other->id, $other->look->colour?->hex, $other->look->hiding]);
        self::assertSame([false, true], [self::material()->isPowder(), self::material(carrier: Carrier::Dry)->isPowder()]);
        self::assertSame([0.0, 0.0007, 0.003], array_map(static fn (Ambering $a): float => $a->perMicrometre(), Ambering::cases()));
        self::assertSame(
            [MaterialKind::Thinner],
            array_values(array_filter(MaterialKind::cases(), static fn (MaterialKind $k): bool => $k->thins())),
        );
    }

    /** What takes what off, of everything in the catalogue. */
    public function testWhatIsLeftIsTakenOffByWhatTheLabelAsksFor(): void
    {
        foreach (Residue::cases() as $residue) {
            $by = array_filter(self::catalogue(), $residue->isTakenOffBy(...));
            Said::assertSame(__DIR__.'/labels.yaml', 'taken off by '.$residue->inWords(), implode(', ', array_keys($by)));
        }
        $acid = self::material(kind: MaterialKind::Neutraliser, hazards: [Hazard::Acid]);
        self::assertSame([true, false], [Residue::Acid->isTakenOffBy($acid), Residue::Alkali->isTakenOffBy($acid)]);
    }

    /** A label as it is told, fact by fact: one material of every kind, and what patches say. */
    public function testALabelIsToldFactByFact(): void
    {
        $kinds = [];
        foreach (self::catalogue() as $material) {
            $kinds[$material->kind->value] ??= $material;
        }
        $kinds['learned'] = self::material(packs: [['250', 12.5]])->learning(Learned::of(Colour::of('#102030'), 1.4, 5, false));
        foreach ($kinds as $kind => $material) {
            Said::assertSame(__DIR__.'/labels.yaml', $kind, (new DescribeMaterial())->facts($material));
        }
    }

    /**
     * @return array<string, Material>
     */
    private static function catalogue(): array
    {
        return (new LoadMaterials(\dirname(__DIR__, 3), new ReadMaterial()))->catalogue();
    }

    private static function body(
        float $density = 1.5,
        ?float $scooped = null,
        float $solids = 0.4,
        float $build = 1.0,
        ?float $spread = 10.0,
        ?float $thinning = 3.0,
        ?int $slake = null,
        Carrier $carrier = Carrier::Water,
    ): Body {
        $exact = static fn (float $x): BigRational => BigRational::of((string) $x);

        return Body::of(
            carrier: $carrier,
            density: $exact($density),
            scooped: null === $scooped ? null : $exact($scooped),
            solids: $solids,
            build: $build,
            spread: $spread,
            largestThinning: $thinning,
            slake: $slake,
        );
    }

    #[TestWith([-30.0, true])]
    #[TestWith([-30.1, false])]
    #[TestWith([40.0, true])]
    #[TestWith([40.1, false])]
    public function testColdestAirThatAMaterialStands(float $lowest, bool $holds): void
    {
        if (!$holds) {
            $this->expectExceptionMessage('between -30 and 40 °C');
        }
        self::assertSame($lowest, self::handling(lowest: $lowest)->lowestTemperature);
    }

    private static function handling(?int $open = null, ?int $pot = null, float $lowest = 5.0): Handling
    {
        return Handling::of(
            dries: Dries::LosingWater,
            times: StatedTimes::of(20, 60, null, 240, 300),
            openTime: $open,
            potLife: $pot,
            rewets: true,
            lowestTemperature: $lowest,
        );
    }

    /**
     * @param list<array{string, float}> $packs
     * @param list<Hazard>               $hazards
     */
    private static function material(
        string $name = 'Paint',
        array $packs = [],
        MaterialKind $kind = MaterialKind::Paint,
        array $hazards = [],
        Carrier $carrier = Carrier::Water,
    ): Material {
        return Material::of(
            id: 'paint',
            version: 1,
            name: $name,
            kind: $kind,
            typical: false,
            body: self::body(carrier: $carrier),
            handling: self::handling(),
            look: Look::of(LookKind::Opaque, Colour::of('#5b6b73'), 0.9),
            packs: array_map(static fn (array $p): Pack => Pack::of(Quantity::millilitres($p[0]), $p[1]), $packs),
            hazards: $hazards,
        );
    }
}
