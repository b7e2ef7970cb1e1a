<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Design;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Design\Choice;
use Inlaid\Core\Design\Extender;
use Inlaid\Core\Design\FamilyStep;
use Inlaid\Core\Design\FindPurchase;
use Inlaid\Core\Design\Found;
use Inlaid\Core\Design\Lively;
use Inlaid\Core\Design\LooksLeft;
use Inlaid\Core\Design\Role;
use Inlaid\Core\Design\Scheme;
use Inlaid\Core\Design\SchemeLook;
use Inlaid\Core\Design\Searched;
use Inlaid\Core\Design\SearchLooks;
use Inlaid\Core\Design\Setting;
use Inlaid\Core\Design\SettleOnTarget;
use Inlaid\Core\Design\Slip;
use Inlaid\Core\Design\Slot;
use Inlaid\Core\Design\TryBleaching;
use Inlaid\Core\Design\Wish;
use Inlaid\Core\Design\WorkOutRisks;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\EditKind;
use Inlaid\Core\Look\WorkOutLook;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Practice\WorkingDefaults;
use Inlaid\Core\Recipe\Intent;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\Target;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Surface\BuildSurface;
use Inlaid\Core\Surface\Origin;
use Inlaid\Core\Surface\WorkOnZone;
use Inlaid\Core\Surface\ZoneState;
use Inlaid\Core\Technique\Hand;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\DescribeSurfaceStep;
use Inlaid\Core\Work\StepCalculation;
use Inlaid\Core\Work\WorkOutSteps;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Made;
use Inlaid\Tests\Core\Randomly;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * The search from a look to the choices that come near it.
 */
final class SearchLooksTest extends TestCase
{
    use Randomly;

    private const PAINTS = ['#efe3c4', '#5d6a72', '#2b2c2e'];
    private const ALL = WorkOnZone::MOST_PATCHES;

    /**
     * However choices were set one after another, and whatever was kept of them: the cost is that of the look of a recipe that is worked
     * out
     * from its start, and what a change would cost is what it costs once it is made.
     */
    public function testWhatIsKeptIsWhatIsWorkedOutAnew(): void
    {
        $this->manyTimes(15, function (): void {
            $scheme = self::scheme('wash', self::paints());
            $wish = Wish::of(['field' => $this->colour(), 'edge' => $this->colour(), 'recess' => $this->colour()], Lively::Soft);
            $look = self::look($scheme, $wish, self::ALL);
            foreach (range(1, 4) as $_) {
                $change = $this->chosen($scheme);
                $would = $look->costOf($change, \INF);
                $look->set($change);
                self::assertEqualsWithDelta($look->cost(), $would, 1e-12);
                self::assertGreaterThan($would - 0.01, $look->costOf($change, $would - 0.01), 'what is farther than the best is told so');
            }
            $steps = array_map(
                static fn (StepCalculation $w, int $i): Step => isset($scheme->slots[$i])
                    ? $scheme->slots[$i]->step($look->choices()[$i], $scheme->slots[$i]->uses($look->choices()[$i])) ?? $w->step
                    : $w->step,
                $scheme->works,
                array_keys($scheme->works),
            );
            $whole = (new WorkOutLook())->look($scheme->part, self::works(self::recipe($steps, $scheme->part)));
            $apart = 0.0;
            foreach ($wish->shares as $zone => $share) {
                self::assertEqualsWithDelta($whole->end(Zone::from($zone))->lab()->l, $look->ends()[$zone]->lab()->l, 1e-9);
                $apart += $share * $wish->apart($zone, $whole->end(Zone::from($zone))->lab());
            }
            $coats = array_sum(array_map(static fn (Choice $c, Slot $s): int => $s->coats[$c->coats], $look->choices(), $scheme->slots));
            $more = array_sum(array_map(static fn (Choice $c): int => \count($c->parts) - 1, $look->choices()));
            $dull = $wish->dull($whole->end(Zone::Field)->contrast());
            self::assertEqualsWithDelta($apart + $dull + 0.02 * $coats + 0.05 * $more, $look->cost(), 1e-9);
        });
    }

    /** On cases small enough to try all there is nothing single is nearer, whether the look can be had or not. */
    public function testItFindsWhatTryingAllFinds(): void
    {
        $this->manyTimes(5, function (): void {
            $schemes = [self::scheme('wash', self::paints()), self::scheme('cover', self::paints())];
            $made = self::look($schemes[0], Wish::of(['field' => $this->colour(), 'edge' => $this->colour()]), self::ALL);
            $made->set($this->chosen($schemes[0]));
            foreach ([Wish::like(self::some($made)), Wish::of(['field' => $this->colour(), 'edge' => $this->colour()])] as $wish) {
                $least = \INF;
                foreach ($schemes as $scheme) {
                    $look = self::look($scheme, $wish, 12);
                    foreach (self::product($scheme) as $choices) {
                        $least = min($least, $look->costOf($choices, \INF));
                    }
                }
                self::assertLessThanOrEqual(
                    $least + 0.3 + 1e-9,
                    self::search($schemes, $wish)->found[0]->cost,
                    'but for what simpler is worth',
                );
            }
        });
    }

    /** The same for a shelf in another order, and again; with too few looks it says that there may be nearer ones. */
    public function testItAnswersTheSameAndKeepsToItsLooks(): void
    {
        $wish = Wish::of(['field' => Colour::of('#8c9698'), 'edge' => Colour::of('#d0c8b0')]);
        $ask = static fn (array $paints, int $looks = SearchLooks::LOOKS): Searched => self::search(
            [self::scheme('wash', array_values($paints)), self::scheme('cover', array_values($paints))],
            $wish,
            $looks,
        );
        $settings = static fn (Searched $s): array => array_map(static fn (Found $f): array => [$f->scheme->key, $f->cost, array_map(
            static fn (Setting $of): array => [$of->parts, (string) $of->ratio, $of->coats, $of->hand, $of->dwell],
            $f->settings(),
        )], $s->found);
        $one = $ask(self::paints());
        self::assertTrue($one->complete);
        self::assertSame($settings($one), $settings($ask(array_reverse(self::paints()))));
        $few = $ask(self::paints(), 40);
        self::assertFalse($few->complete);
        self::assertLessThan($one->looks, $few->looks);
        self::assertCount(2, $few->found, 'there is an answer all the same');
    }

    /** What came near in one is told apart from what came near in another, and comes in order. */
    public function testTheNearestComesFirst(): void
    {
        $mix = self::scheme('wash', self::paints());
        $look = self::look($mix, Wish::of(['field' => Colour::of('#888888')]), self::ALL);
        $look->set([0 => new Choice([0 => 1]), 1 => new Choice([1 => 1], 1, 0, 2, 0)]);
        $searched = self::search([self::scheme('cover', self::paints()), $mix], Wish::like(self::some($look)));
        self::assertSame('wash', $searched->found[0]->scheme->key);
        self::assertLessThan(0.5, $searched->found[0]->cost);
        self::assertGreaterThan($searched->found[0]->cost, $searched->found[1]->cost);
    }

    /** No further than a label allows, and not at all where nothing thins it; what may be left out can be. */
    public function testASlotKeepsToItsLabels(): void
    {
        $paint = Given::paint('strict', largestThinning: 1.0);
        $of = self::family('wash', 'washed-wiped', ratios: ['0', '1', '3'], coats: [1, 0]);
        $slot = static fn (?Material $water): Slot => Slot::of(
            $of,
            self::step('wash', 'washed-wiped', $paint),
            [$paint],
            static fn (): ?Material => $water,
        );
        $ratios = static fn (Slot $s): array => array_map(
            static fn (Choice $c): int => $c->ratio,
            $s->allowed(array_map(static fn (int $r): Choice => new Choice([0 => 1], $r), [0, 1, 2])),
        );
        self::assertSame([0, 1], $ratios($slot(Given::water())));
        self::assertSame([0], $ratios($slot(null)));
        self::assertNull($slot(null)->step(new Choice([0 => 1], 0, 1), $paint));
    }

    /**
     * A wash that is left twice as long keeps √2 times as much, and the look moves as far as one with so much more of it; what is hidden
     * moves nothing.
     */
    public function testRisksAreTheLooksTheyWouldBe(): void
    {
        [$dark, , $pale] = [Given::paint('dark', colour: '#2b2c2e'), null, Given::paint('pale', colour: '#efe3c4')];
        $part = self::part();
        $works = self::works(self::recipe([
            self::step('hidden', 'brushed', $dark),
            self::step('ground', 'brushed', $pale, 3),
            self::step('wash', 'washed-wiped', $dark),
        ], $part));
        $look = (new WorkOutLook())->look($part, $works);
        $risks = (new WorkOutRisks())->risks($look, Origin::of($part));
        $by = array_column(array_map(static fn ($r): array => [$r->step ?? 'wood', $r], $risks), 1, 0);
        self::assertLessThan(0.05, $by['hidden']->apart ?? 0.0);
        self::assertContains($by['wash']->slip, [Slip::Longer, Slip::Shorter]);
        $doings = [...\array_slice($look->doings, 0, 2), $look->doings[2]->laid($by['wash']->slip->film())];
        $moved = (new BuildSurface())->end(Origin::of($part), $doings, Zone::Field);
        self::assertEqualsWithDelta($look->end(Zone::Field)->apart($moved), $by['wash']->apart, 1e-9);
        self::assertSame($risks[0], $by['wash'], 'the worst comes first');
        self::assertEqualsWithDelta(\M_SQRT2, Slip::Longer->film(), 1e-12);
    }

    /** ΔE2000 near by, the distance in L*a*b* beyond 10; livelier or duller counts only outside of what is wished. */
    public function testHowFarItIs(): void
    {
        $wish = Wish::of(['field' => Colour::of('#1f3fa8'), 'edge' => Colour::of('#ffffff')], Lively::Soft);
        self::assertEqualsWithDelta(0.875, $wish->shares['field'], 1e-12);
        $blue = Lab::of(Colour::of('#1f3fa8'));
        $near = new Lab($blue->l + 3, $blue->a, $blue->b);
        self::assertEqualsWithDelta(DeltaE2000::between($near, $blue), $wish->apart('field', $near), 1e-12);
        $slate = Lab::of(Colour::of('#5d6a72'));
        self::assertGreaterThan(50.0, $wish->apart('field', $slate), 'a slate is no cobalt');
        self::assertSame([0.0, 0.0], [$wish->dull(0.8), $wish->dull(3.5)]);
        self::assertEqualsWithDelta(0.3 * 1.5, $wish->dull(5.0), 1e-12);
        self::assertEqualsWithDelta(0.3 * 0.8, $wish->dull(0.0), 1e-12);
        self::assertSame([Lively::Even, Lively::Soft, Lively::Broken], array_map(Lively::of(...), [0.2, 2.0, 9.0]));
    }

    /**
     * Which way a search goes: how many looks it takes, what it settles on and how near that comes, as searches.yaml has it.
     *
     * @param non-empty-array<string, string> $colours by zone
     */
    #[TestWith(['a grey, its edges pale', ['field' => '#8c9698', 'edge' => '#d0c8b0'], 'soft', 25_000])]
    #[TestWith(['cream all over', ['field' => '#efe3c4'], 'even', 25_000])]
    #[TestWith(['broken dark', ['field' => '#4a4f52', 'recess' => '#2b2c2e', 'pore' => '#2b2c2e'], 'broken', 25_000])]
    #[TestWith(['with few looks', ['field' => '#8c9698'], null, 300])]
    public function testWhichWayASearchGoes(string $case, array $colours, ?string $lively, int $looks): void
    {
        $wish = Wish::of(array_map(Colour::of(...), $colours), null === $lively ? null : Lively::from($lively));
        $searched = self::search([self::scheme('wash', self::paints()), self::scheme('cover', self::paints())], $wish, $looks);
        Said::assertSame(__DIR__.'/searches.yaml', $case, [
            'looks' => $searched->looks,
            'complete' => $searched->complete,
            'found' => array_map(static fn (Found $f): string => \sprintf(
                '%s %.4f: %s',
                $f->scheme->key,
                $f->cost,
                implode('; ', array_map(static fn (Setting $of): string => Said::line($of), $f->settings())),
            ), $searched->found),
        ]);
    }

    /** A green that is on no shelf: the paint that is named brings it there, worked out anew; and none where it is there already. */
    public function testWhatOnePurchaseBrings(): void
    {
        $schemes = [self::scheme('cover', self::paints()), self::scheme('wash', self::paints())];
        $wish = Wish::of(['field' => Colour::of('#3f7a4a')]);
        [$climate, $habits] = [Given::context()->climate, new WorkingDefaults()];
        $found = self::search($schemes, $wish)->found;
        $purchase = (new FindPurchase())->find($found, $wish, $climate, $habits) ?? self::fail('a paint is named');
        self::assertLessThan(0.3 * $found[0]->cost, $purchase->brings);
        self::assertLessThan(5.0, DeltaE2000::between(Lab::of($purchase->colour), Lab::of(Colour::of('#3f7a4a'))));
        $at = array_search($purchase->scheme, array_column($found, 'scheme'), true);
        self::assertIsInt($at);
        $bought = Given::paint('bought', colour: $purchase->colour->hex);
        $with = self::scheme($purchase->scheme->key, [...self::paints(), $bought]);
        self::assertLessThanOrEqual($purchase->brings + 0.5, self::search([$with], $wish)->found[0]->cost);
        $there = Wish::of(['field' => Colour::of('#efe3c4')]);
        $near = self::search([self::scheme('cover', self::paints())], $there)->found;
        $better = (new FindPurchase())->find($near, $there, $climate, $habits);
        self::assertTrue(null === $better || $better->brings < $near[0]->cost);
        self::assertNull((new FindPurchase())->find([], $wish, $climate, $habits));
    }

    /** Bleached once, twice, three times before the first that may vary, and searched anew each time. */
    public function testBleachedFirst(): void
    {
        $scheme = self::scheme('wash', [Given::paint('veil', largestThinning: 20.0, colour: '#efe3c4')]);
        $dark = new Scheme($scheme->key, self::part('#a07850'), $scheme->works, $scheme->slots);
        $wish = Wish::of(['field' => Colour::of('#f4ead2'), 'pore' => Colour::of('#f4ead2')]);
        [$climate, $habits, $bleach] = [Given::context()->climate, new WorkingDefaults(), Analysed::shelf()['two-part-bleach']];
        $found = self::search([$dark], $wish)->found[0];
        $apart = (new TryBleaching())->tried($found, $wish, $bleach, $climate, $habits);
        self::assertCount(3, $apart);
        foreach ($apart as $i => $off) {
            $step = Step::of(
                'bleach-first',
                'Bleach',
                Given::techniques()->named('bleached'),
                Intent::of(Purpose::Functional),
                [],
                $bleach,
                $i + 1,
                StepDetail::of(),
                WaitRule::of(WaitUntil::Through),
            );
            $work = (new WorkOutSteps())->varied(before: $dark->works[0], step: $step, climate: $climate, habits: $habits);
            $bleached = new Scheme($dark->key, $dark->part, [$work, ...$dark->works], [1 => $dark->slots[0], 2 => $dark->slots[1]]);
            self::assertEqualsWithDelta($wish->off(self::search([$bleached], $wish, 1500)->found[0]->ends), $off, 1e-9);
        }
    }

    /** A wash that was thinned otherwise is brought back by its own ratio; what is on target is left as it is. */
    public function testARecipeSettlesOnItsTarget(): void
    {
        $recipe = static fn (string $water, int $coats = 1): Recipe => Made::recipe([
            Made::step('ground', 'brushed', Given::paint('pale', colour: '#efe3c4'), 2),
            Made::step('wash', 'washed-on', Mixture::of('Wash', Basis::ByVolume, [
                Part::of(BigRational::one(), Given::paint('dark', largestThinning: 9.0, colour: '#2b2c2e', hides: 0.8)),
                Part::of(BigRational::of($water), Given::water()),
            ]), $coats, Purpose::BrokenCover),
        ]);
        $look = static fn (Recipe $of): array => array_map(
            static fn (Zone $z): Colour => (new WorkOutLook())->look($of->piece->parts[0], self::works($of))->end($z)->mean()->colour(),
            ['field' => Zone::Field, 'edge' => Zone::Edge, 'recess' => Zone::Recess, 'pore' => Zone::Pore],
        );
        $settle = static fn (Recipe $of, array $colours, string ...$parts): array => (new SettleOnTarget(Given::practices()))->settle(
            $of,
            Target::of('T', $colours, array_values($parts)),
            Given::context(),
            static fn (): bool => false,
        );
        $target = $look($recipe('2'));
        self::assertSame([], $settle($recipe('2'), $target), 'it is there');
        $edits = $settle($recipe('4'), $target);
        self::assertSame(
            [[EditKind::Shares, 'wash', ['shares' => ['1', '2']]]],
            array_map(static fn (Edit $e): array => [$e->do, $e->step, $e->set], $edits),
        );
        self::assertSame([], $settle($recipe('4'), $target, 'elsewhere'), 'a target of no part of it');
        self::assertNotSame([], $settle($recipe('4'), $target, 'p'));
        $twice = $settle($recipe('4'), $look($recipe('4', 2)));
        self::assertCount(1, $twice);
        self::assertSame('wash', $twice[0]->step);
        $clear = Made::recipe([Made::step('clear', 'brushed', Made::material('c', MaterialKind::Topcoat, Carrier::Water))]);
        self::assertSame([], $settle($clear, ['field' => Colour::of('#204060')]), 'a clear coat is not for the look');
    }

    private function colour(): Colour
    {
        return Colour::of(\sprintf('#%02x%02x%02x', $this->int(30, 230), $this->int(30, 230), $this->int(30, 230)));
    }

    /**
     * @return array<int, Choice>
     */
    private function chosen(Scheme $scheme): array
    {
        return array_map(function (Slot $s): Choice {
            $parts = [$this->int(0, \count($s->materials) - 1) => $this->int(1, 4)];
            $parts += [$this->int(0, \count($s->materials) - 1) => $this->int(1, 4)];

            return new Choice(
                $parts,
                $this->int(0, \count($s->ratios) - 1),
                $this->int(0, \count($s->coats) - 1),
                $this->int(0, \count($s->hands) - 1),
                $this->int(0, \count($s->dwells) - 1),
            );
        }, $scheme->slots);
    }

    /**
     * All choices there are with single materials.
     *
     * @return \Generator<array<int, Choice>>
     */
    private static function product(Scheme $scheme): \Generator
    {
        $all = [[]];
        foreach ($scheme->slots as $at => $slot) {
            $of = $slot->singles();
            $all = array_merge(...array_map(
                static fn (array $before): array => array_map(static fn (Choice $c): array => $before + [$at => $c], $of),
                $all,
            ));
        }
        yield from $all;
    }

    /**
     * @param list<Scheme> $schemes
     */
    private static function search(array $schemes, Wish $wish, int $looks = SearchLooks::LOOKS): Searched
    {
        return (new SearchLooks())->search(
            $schemes,
            $wish,
            Given::context()->climate,
            new WorkingDefaults(),
            static fn (): bool => false,
            $looks,
        );
    }

    /**
     * @return non-empty-array<string, ZoneState>
     */
    private static function some(SchemeLook $look): array
    {
        $ends = $look->ends();

        return [] === $ends ? throw new \LogicException('There are no zones.') : $ends;
    }

    /**
     * @param int<1, max> $patches
     */
    private static function look(Scheme $scheme, Wish $wish, int $patches): SchemeLook
    {
        return new SchemeLook(
            $scheme,
            $wish,
            Given::context()->climate,
            new WorkingDefaults(),
            new WorkOutSteps(),
            new DescribeSurfaceStep(),
            new BuildSurface(),
            $patches,
            new LooksLeft(\PHP_INT_MAX, static fn (): bool => false),
        );
    }

    /**
     * Pale ground under a wash, or one colour that covers.
     *
     * @param list<Material> $paints
     */
    private static function scheme(string $key, array $paints): Scheme
    {
        $families = 'wash' === $key
            ? [
                self::family('ground', 'brushed', coats: [2, 1]),
                self::family(
                    'wash',
                    'washed-wiped',
                    ratios: ['0', '1', '2'],
                    hands: [Hand::Middle, Hand::Light, Hand::Heavy],
                    dwells: [null, 2],
                ),
            ]
            : [self::family('colour', 'brushed', coats: [2, 1, 3])];
        $part = self::part();
        $recipe = self::recipe(
            array_map(static fn (FamilyStep $f): Step => self::step($f->id, $f->technique->key(), $paints[0], $f->coats[0]), $families),
            $part,
        );
        $works = self::works($recipe);
        $slots = array_map(
            static fn (FamilyStep $f, StepCalculation $w): Slot => Slot::of(
                $f,
                $w->step,
                $paints,
                static fn (): Material => Given::water(),
            ),
            $families,
            $works,
        );

        return new Scheme($key, $part, $works, $slots);
    }

    /**
     * @return list<Material>
     */
    private static function paints(): array
    {
        return array_map(static fn (string $c): Material => Given::paint('paint-'.substr($c, 1), colour: $c), self::PAINTS);
    }

    /**
     * @param list<string>             $ratios
     * @param non-empty-list<int>      $coats
     * @param list<Hand>               $hands
     * @param non-empty-list<int|null> $dwells
     */
    private static function family(
        string $id,
        string $does,
        array $ratios = [],
        array $coats = [1],
        array $hands = [],
        array $dwells = [null],
    ): FamilyStep {
        return new FamilyStep(
            id: $id,
            title: ucfirst($id),
            technique: Given::techniques()->named($does),
            purpose: Purpose::BrokenCover,
            role: Role::Paint,
            usual: [],
            extended: Extender::Thin,
            ratios: array_map(BigRational::of(...), $ratios),
            coats: $coats,
            hands: $hands,
            dwells: $dwells,
            wait: WaitRule::of(WaitUntil::Overnight),
            where: null,
            tool: null,
            weight: null,
            grit: null,
            layout: null,
        );
    }

    private static function step(string $id, string $does, Material $with, int $coats = 1): Step
    {
        return Step::of(
            $id,
            ucfirst($id),
            Given::techniques()->named($does),
            Intent::of(Purpose::BrokenCover),
            [],
            $with,
            $coats,
            StepDetail::of(),
            WaitRule::of(WaitUntil::Overnight),
        );
    }

    private static function part(string $hex = '#e5d3b3'): PiecePart
    {
        return PiecePart::of(
            'front',
            'Front',
            Surface::free(0.8),
            1,
            Substrate::of(SubstrateKind::Solid, 'lime', Grain::Close, Colour::of($hex)),
        );
    }

    /**
     * @param list<Step> $steps
     */
    private static function recipe(array $steps, PiecePart $part): Recipe
    {
        return Recipe::of('Tried', Piece::of('Front', 1, [$part]), $steps);
    }

    /**
     * @return list<StepCalculation>
     */
    private static function works(Recipe $recipe): array
    {
        return (new WorkOutSteps())->workOut($recipe, Given::context()->climate, new WorkingDefaults());
    }
}
