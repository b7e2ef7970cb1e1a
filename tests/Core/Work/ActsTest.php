<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Work;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\Kind\GroundShows;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Layout\Kind\Sheets;
use Inlaid\Core\Layout\Seams;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Preview\HandsOnPreview;
use Inlaid\Core\Recipe\Intent;
use Inlaid\Core\Recipe\InvalidRecipe;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Recipe\Wiping;
use Inlaid\Core\Technique\Blend;
use Inlaid\Core\Technique\Direction;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Placement;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\StepCalculation;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * Blends, what is worked over wet, what is wiped damp, transfers, and what only handles parts.
 */
final class ActsTest extends TestCase
{
    use Randomly;

    /** Wherever the colours lie, at every place along the way they are one coat together, and each is full at its own place. */
    public function testABlendIsOneCoatEverywhere(): void
    {
        $this->manyTimes(200, function (): void {
            $at = array_map(fn (): float => $this->int(0, 100) / 100, range(1, $this->int(2, 6)));
            sort($at);
            $at = array_values(array_unique($at));
            $colours = array_map(static fn (int $i): array => (new Blend($at, $i))->levels(), array_keys($at));
            $amount = static function (array $levels, float $x): float {
                foreach ($levels as [$share, $of]) {
                    if ($x < $share) {
                        return $of;
                    }
                    $x -= $share;
                }

                return $levels[\count($levels) - 1][1];
            };
            foreach (range(0, 40) as $k) {
                $x = ($k + 0.5) / 41;
                self::assertEqualsWithDelta(1.0, array_sum(array_map(static fn (array $l): float => $amount($l, $x), $colours)), 1e-6);
            }
            foreach ($at as $i => $place) {
                self::assertEqualsWithDelta(
                    1.0,
                    $amount($colours[$i], min(0.9999, $place)),
                    1e-6,
                    "colour $i at $place of ".implode(', ', $at),
                );
            }
        });
    }

    /** Two colours of one step take the paint and the time of one coat, and lie where they are put. */
    public function testABlendTakesThePaintOfOneCoat(): void
    {
        [$red, $blue] = [Given::paint('red', colour: '#8a1f16'), Given::paint('blue', colour: '#1f3a6a')];
        $one = self::whole([self::step('it', 'brushed', uses: $red)])->works[0];
        $blend = self::step('it', 'blended', StepDetail::of(dwell: 4, where: Placement::TopDown), uses: $red);
        $whole = self::whole([self::step('base', 'brushed'), ...$blend->blendedWith(0.1, [[$blue, 0.8]]), self::step('top', 'brushed')]);
        self::assertSame([1, 2, 2, 3], array_map(static fn (StepCalculation $w): int => $w->counted, $whole->works), 'it is one step');
        self::assertSame(['It', 'It: Blue'], [$whole->works[1]->step->name(), $whole->works[2]->step->name()]);
        [, $first, $second] = $whole->works;
        self::assertSame(['it', 'it.2'], [$first->step->id, $second->step->id]);
        self::assertSame(['it', 'it'], [Step::documentId('it'), Step::documentId('it.2')]);
        $laid = $first->needs()[0]->laid + $second->needs()[0]->laid;
        self::assertEqualsWithDelta($one->needs()[0]->laid / 1.2, $laid, 1e-6, 'the ground is closed by then');
        self::assertEquals(self::whole([self::step('it', 'blended', uses: $red)])->works[0]->hands, $first->hands);
        self::assertSame(0, $second->handsOn, 'and the time of one');
        $seen = $whole->stacks[0]->laid()->end(Zone::Field)->patches;
        $place = static fn (string $id): float => array_sum(array_map(static fn ($p): float => $p->has($id) ? $p->share : 0.0, $seen));
        self::assertEqualsWithDelta([0.45 + 0.112, 1 - 0.45 + 0.112], [$place('it'), $place('it.2')], 1e-6);
        $this->expectException(InvalidRecipe::class);
        self::step('it', 'brushed', uses: $red)->blendedWith(0.0, [[$blue, 1.0]]);
    }

    /** What the colours of a blend leave of the ground is what all of them leave, and it is told once. */
    public function testABlendCoversWithAllItsColours(): void
    {
        [$red, $blue] = [Given::paint('red', colour: '#8a1f16'), Given::paint('blue', colour: '#1f3a6a')];
        foreach ([0.05, 0.6] as $shows) {
            $blend = self::step('it', 'blended', StepDetail::of(where: Placement::TopDown), uses: $red, shows: $shows);
            $whole = self::whole([self::step('base', 'brushed'), ...$blend->blendedWith(0.1, [[$blue, 0.8]])]);
            $found = [...(new GroundShows())->check($whole)];
            self::assertCount($shows < 0.5 ? 0 : 1, $found);
            self::assertSame($shows < 0.5 ? [] : [['it']], array_map(static fn (Finding $f): array => $f->steps, $found));
        }
    }

    /** Tools, handling and acts are told apart, and none of them is more than the whole. */
    public function testWhatIsNotSpentOnASurfaceIsSeen(): void
    {
        $works = self::whole([self::step('out', 'carried'), self::step('coat', 'brushed'), self::step('spray', 'sprayed')])->works;
        $told = HandsOnPreview::of($works);
        self::assertSame($works[0]->minutes(), $told->acts);
        self::assertSame((int) round($works[1]->hands->setUp + $works[2]->hands->setUp), $told->tools);
        self::assertGreaterThan(0, $told->handling);
        $all = array_sum(array_map(static fn (StepCalculation $w): int => $w->minutes(), $works));
        self::assertLessThan($all, $told->acts + $told->tools + $told->handling);
    }

    /** Worked over wet, thick and thin come nearer to each other; no paint is added or lost. */
    public function testWorkingOverWetEvensTheCoat(): void
    {
        $look = self::whole([
            self::step('base', 'brushed'),
            self::step('glaze', 'glazed-wiped', uses: Given::paint('red', colour: '#8a1f16')),
            self::step('over', 'reworked'),
        ])->stacks[0]->laid();
        [$before, $after] = [$look->ahead(2, Zone::Field), $look->end(Zone::Field)];
        $wet = static fn ($state): float => array_sum(array_map(
            static fn ($p): float => $p->share * ($p->filmOf('glaze')->wet ?? 0.0) * ($p->filmOf('glaze')->share ?? 0.0),
            $state->patches,
        ));
        self::assertEqualsWithDelta($wet($before), $wet($after), 1e-9);
        self::assertLessThan(0.6 * $before->contrast(), $after->contrast());
        self::assertGreaterThan(0.0, $after->contrast());
    }

    /** A damp cloth takes more along than a dry one; where nothing is wiped it makes no difference. */
    public function testADampClothLeavesLess(): void
    {
        $stays = static fn (string $technique, ?Wiping $wiping): float => self::whole([
            self::step('it', $technique, StepDetail::of(wiping: $wiping)),
        ])->works[0]->film->stays ?? 0.0;
        self::assertEqualsWithDelta(0.65 * $stays('glazed-wiped', null), $stays('glazed-wiped', Wiping::Damp), 1e-9);
        self::assertSame($stays('glazed-wiped', null), $stays('glazed-wiped', Wiping::Dry));
        self::assertSame($stays('brushed', null), $stays('brushed', Wiping::Damp));
        $pores = static fn (Direction $way): float => self::whole([
            self::step('it', 'glazed-wiped', StepDetail::of(strokes: $way), uses: Given::paint('red', colour: '#8a1f16')),
        ], Grain::Open)->stacks[0]->laid()->end(Zone::Pore)->patches[0]->filmOf('it')->wet ?? 0.0;
        self::assertGreaterThan(1.5 * $pores(Direction::Along), $pores(Direction::Across), 'wiped across, pores stay full');
    }

    /** What fades is full at one end: as much of the flat is touched, with less on it. */
    public function testStencilsFade(): void
    {
        $end = static fn (?Placement $where): array => self::whole([
            self::step('it', 'stencilled', StepDetail::of(where: $where), uses: Given::paint('red', colour: '#8a1f16')),
        ])->stacks[0]->laid()->end(Zone::Field)->patches;
        $films = static fn (array $patches): array => array_values(array_filter(array_map(
            static fn ($p): ?array => null === $p->filmOf('it') ? null : [round($p->share, 6), $p->filmOf('it')->wet],
            $patches,
        )));
        [$even, $fading] = [$films($end(null)), $films($end(Placement::TopDown))];
        self::assertCount(1, $even);
        self::assertCount(3, $fading);
        self::assertEqualsWithDelta($even[0][0], array_sum(array_column($fading, 0)), 1e-6);
        self::assertSame($even[0][1], $fading[0][1]);
        self::assertLessThan(0.3 * $even[0][1], $fading[2][1]);
    }

    /** A transfer takes no paint, brings its own thickness and colour, and lets the ground show where it is open. */
    public function testATransferIsDry(): void
    {
        $sheet = Sheets::of(200, 300, 0, null, true, Seams::FromOneEnd, 15.0, Colour::of('#27402f'), 0.7);
        $whole = self::whole([
            self::step('base', 'brushed', uses: Given::paint(colour: '#e9e2d0')),
            self::step('it', 'transferred', StepDetail::of(layout: $sheet)),
        ]);
        $work = $whole->works[1];
        self::assertSame([[], null, 15.0], [$work->needs(), $work->drying, $work->film?->dry]);
        self::assertEqualsWithDelta(0.3, $work->cover(), 1e-6);
        $seen = array_filter($whole->stacks[0]->laid()->end(Zone::Field)->patches, static fn ($p): bool => $p->has('it'));
        self::assertEqualsWithDelta(0.3, array_sum(array_map(static fn ($p): float => $p->share, $seen)), 1e-6);
    }

    /** What only handles parts takes its minutes for each that is named, and leaves the surface as it was. */
    public function testActsTakeMinutesAndLeaveNothing(): void
    {
        foreach (Given::techniques()->all() as $technique) {
            $profile = $technique->profile();
            if (Effect::Handles !== $profile->effect) {
                continue;
            }
            $whole = self::whole([
                self::step('base', 'brushed'),
                self::step('all', $technique->key()),
                self::step('some', $technique->key(), parts: ['door']),
            ]);
            self::assertEqualsWithDelta(
                [$profile->each, 4 * $profile->each],
                [$whole->works[1]->hands->handling, $whole->works[2]->hands->handling],
                1e-9,
                $technique->name(),
            );
            $look = $whole->stacks[0]->laid();
            self::assertEquals($look->after(0, Zone::Field)->patches, $look->end(Zone::Field)->patches);
            self::assertSame($look->after(0, Zone::Edge)->lab(), $look->end(Zone::Edge)->lab());
            self::assertSame([], $whole->works[1]->needs());
        }
    }

    /**
     * @param list<string> $parts
     */
    private static function step(
        string $id,
        string $technique,
        ?StepDetail $detail = null,
        array $parts = [],
        mixed $uses = null,
        ?float $shows = null,
    ): Step {
        $how = Given::techniques()->named($technique);

        return Step::of(
            $id,
            ucfirst($id),
            $how,
            Intent::of(Purpose::BrokenCover, $shows),
            $parts,
            $how->profile()->takesMaterial ? $uses ?? Given::paint() : null,
            1,
            $detail ?? StepDetail::of(),
            WaitRule::of(WaitUntil::Nothing),
        );
    }

    /**
     * @param list<Step> $steps
     */
    private static function whole(array $steps, Grain $grain = Grain::Close): RecipeAnalysis
    {
        $wood = Substrate::of(SubstrateKind::Solid, 'lime', $grain, Colour::of('#e5d3b3'));
        $top = PiecePart::of('top', 'Top', Surface::of(
            Given::shapes()->named('top'),
            ['length' => 900, 'width' => 450, 'thickness' => 22],
            ['face'],
        ), 1, $wood);
        $parts = [] === array_filter($steps, static fn (Step $s): bool => ['door'] === $s->parts)
            ? [$top]
            : [$top, PiecePart::of('door', 'Door', Surface::free(0.2), 4, $wood)];

        return Given::analyser()->analyse(Recipe::of('Test', Piece::of('Top', 1, $parts), $steps), Given::context());
    }
}
