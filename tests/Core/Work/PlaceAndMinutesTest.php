<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Work;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Piece\Field;
use Inlaid\Core\Piece\FinishKind;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\InvalidPiece;
use Inlaid\Core\Piece\OldFinish;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Recipe\Intent;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\SandingAim;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Surface\ZoneState;
use Inlaid\Core\Technique\Chosen;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Extent;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Within;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\StepCalculation;
use Inlaid\Tests\Core\Given;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Where on a piece a step is meant for, what it takes there, and how long hands are at it.
 */
final class PlaceAndMinutesTest extends TestCase
{
    /**
     * A board of 900 × 450 mm of bare close-grained wood, which drinks 1.2: 2.7 m of edges, 8 mm wide, are 0.0216 m²; paint at 10 m²/L lies
     * 100 µm wet, so 2.592 ml, 2.73 ml with 5 % loss, and 8 ml that the brush keeps. A third of that: 0.864 ml.
     */
    public function testAPlaceTakesWhatItsMetresTake(): void
    {
        $edges = self::work('brushed', new Extent([Within::Edges]));
        self::assertEqualsWithDelta([0.0216, 2.592], \array_slice(self::need($edges), 0, 2), 1e-9);
        self::assertEqualsWithDelta(2.592 / 0.95 + 8, self::need($edges)[2], 0.1);
        $third = self::work('brushed', new Extent([Within::Edges], 1 / 3, Chosen::HereAndThere));
        self::assertEqualsWithDelta([0.0072, 0.864], \array_slice(self::need($third), 0, 2), 1e-9);
        $recesses = self::work('brushed', new Extent([Within::Recesses]), mouldings: 4.0);
        self::assertEqualsWithDelta(4 * 0.012, $recesses->area, 1e-9, '4 m of mouldings, 12 mm wide');
        $relief = self::work('brushed', new Extent([Within::Relief]), mouldings: 4.0);
        self::assertEqualsWithDelta(0.0216 + 0.048, $relief->area, 1e-9);
        $handle = self::work('brushed', new Extent([Within::Handle]));
        self::assertEqualsWithDelta(0.04 * (0.405 + 2.7 * 0.022), $handle->area, 1e-9, 'a twenty-fifth of all that is flat');
    }

    /** A tenth where it needs it: a tenth of the ml, of the minutes on the surface, and no coat. */
    public function testATouchUpIsNoCoat(): void
    {
        [$whole, $tenth] = [self::work('brushed'), self::work('brushed', new Extent([], 0.1))];
        self::assertEqualsWithDelta(self::need($whole)[1] / 10, self::need($tenth)[1], 1e-9);
        self::assertEqualsWithDelta($whole->hands->working / 10, $tenth->hands->working, 1e-9);
        self::assertSame($whole->hands->setUp, $tenth->hands->setUp);
        self::assertSame([true, false], [$whole->lays(), $tenth->lays()]);
        self::assertFalse($tenth->seals());
    }

    /**
     * Whatever technique is meant for a zone leaves all others as they were, and lays something there.
     */
    #[DataProvider('techniques')]
    public function testOnlyWhereItIsMeantFor(string $technique): void
    {
        foreach ([[Within::Edges, Zone::Edge], [Within::Recesses, Zone::Recess]] as [$within, $meant]) {
            $look = self::whole([self::step('ground', 'brushed'), self::step('it', $technique, new Extent([$within]))])->stacks[0]->laid();
            foreach ([Zone::Field, Zone::Edge, Zone::Recess] as $zone) {
                $before = $look->ahead(1, $zone);
                $after = $look->after(1, $zone);
                if ($zone === $meant) {
                    self::assertNotSame([], $after->films('it'), "$technique on {$zone->inWords()}");
                } else {
                    self::assertEquals($before->lab(), $after->lab(), "$technique leaves {$zone->inWords()}");
                }
            }
        }
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function techniques(): iterable
    {
        foreach (Given::techniques()->all() as $technique) {
            $profile = $technique->profile();
            if (Effect::Adds === $profile->effect && [] === $profile->laidOut) {
                yield $technique->key() => [$technique->key()];
            }
        }
    }

    /** Shares in the look are those that were asked for; a touch-up takes what is bare before anything else. */
    public function testSharesAreThoseAskedFor(): void
    {
        $red = Given::paint(colour: '#8a1f16');
        $touched = static fn (ZoneState $s, string $id): float => array_sum(array_map(
            static fn ($p): float => $p->has($id) ? $p->share : 0.0,
            $s->patches,
        ));
        foreach ([0.05, 0.1, 0.37, 0.9] as $share) {
            foreach (Chosen::cases() as $chosen) {
                $look = self::whole([
                    self::step('ground', 'brushed'),
                    self::step('worn', 'distressed-dry'),
                    self::step('it', 'brushed', new Extent([], $share, $chosen), uses: $red),
                ])->stacks[0]->laid();
                foreach ([Zone::Field, Zone::Edge] as $zone) {
                    $end = $look->end($zone);
                    self::assertEqualsWithDelta($share, $touched($end, 'it'), 1e-6, "$share $chosen->value {$zone->inWords()}");
                    $bare = 1 - $touched($look->ahead(2, $zone), 'ground');
                    $stillBare = array_sum(array_map(
                        static fn ($p): float => $p->has('ground') || $p->has('it') ? 0.0 : $p->share,
                        $end->patches,
                    ));
                    self::assertEqualsWithDelta(
                        Chosen::Needing === $chosen ? max(0.0, $bare - $share) : $bare * (1 - $share),
                        $stillBare,
                        1e-6,
                    );
                }
            }
        }
        $up = self::step('up', 'brushed', new Extent([], 0.6), purpose: Purpose::Hide);
        $worn = [self::step('ground', 'brushed', purpose: Purpose::Hide), self::step('worn', 'distressed-dry', purpose: Purpose::Edges)];
        $effects = static fn (Step ...$more): array => array_map(
            static fn ($e): array => [$e->stepId, $e->lost],
            self::whole([...$worn, ...array_values($more)])->stacks[0]->look->effects,
        );
        self::assertSame($effects(), $effects($up), 'no effect is lost by a touch-up, and it is none itself');
    }

    /** Fields are places with a ground of their own, and all of a part together. */
    public function testFieldsArePlaces(): void
    {
        $fields = [
            Field::of('burn', 'Burn', 0.05, colour: Colour::of('#3b2a20'), drinks: 2.0),
            Field::of('left', 'Left board', 0.5, 'face'),
        ];
        $part = self::part(fields: $fields);
        self::assertSame(['face', 'face.burn', 'face.left', 'long-edges', 'short-edges'], array_keys($part->surface->faces));
        self::assertEqualsWithDelta(self::part()->totalArea(), $part->totalArea(), 1e-12);
        $whole = self::whole([
            self::step('all', 'stained-wiped'),
            self::step('one', 'brushed', parts: ['top:face.left']),
            self::step('face', 'brushed', parts: ['top:face']),
        ], $part);
        self::assertEqualsWithDelta(0.5 * 0.405, $whole->works[1]->area, 1e-9);
        self::assertEqualsWithDelta(0.405, $whole->works[2]->area, 1e-9);
        $places = array_map(static fn ($s): array => $s->places, $whole->stacks);
        self::assertSame([['top:face'], ['top:face.burn'], ['top:face.left'], ['top:long-edges', 'top:short-edges']], $places);
        $stained = static fn (int $i): string => $whole->stacks[$i]->laid()->after(0, Zone::Field)->mean()->colour()->hex;
        self::assertSame($stained(0), $stained(3));
        self::assertNotSame($stained(0), $stained(1), 'the burn has a colour of its own');
        self::assertEqualsWithDelta(
            0.405 * (0.45 + 0.5) * 1.2 + 0.405 * 0.05 * 2.0 + (2 * 0.9 + 2 * 0.45) * 0.022 * 1.2,
            self::need($whole->works[0])[1] / 100,
            1e-6,
            'and a thirst of its own: m² × what it drinks × 100 µm',
        );
        $this->expectException(InvalidPiece::class);
        self::part(fields: [Field::of('a', 'A', 0.7), Field::of('b', 'B', 0.7)]);
    }

    /** The squares of a door, half of it each: nothing is left of the face beside them. */
    public function testFieldsMayBeAllThereIs(): void
    {
        $part = self::part(fields: [Field::of('a', 'A', 0.5), Field::of('b', 'B', 0.5)]);
        self::assertSame(['face.a', 'face.b', 'long-edges', 'short-edges'], array_keys($part->surface->faces));
        self::assertEqualsWithDelta(0.405, self::whole([self::step('it', 'brushed', parts: ['top:face'])], $part)->works[0]->area, 1e-9);
    }

    /** Every tool that a technique can be done with lays or takes something, in some minutes; a quicker one takes fewer on the surface. */
    public function testToolsChangeFilmLossAndMinutes(): void
    {
        foreach (Given::techniques()->all() as $technique) {
            $works = array_map(
                static fn (Tool $t): StepCalculation => self::work($technique->key(), tool: $t),
                $technique->profile()->tools,
            );
            foreach ($works as $work) {
                $usual = $works[0];
                $tool = $work->step->tool();
                self::assertNotNull($tool);
                self::assertSame($tool->figures()->setUp, $work->hands->setUp);
                if (null === $technique->profile()->atGrit) {
                    self::assertEqualsWithDelta(
                        $usual->hands->working * $technique->profile()->tools[0]->pace() / $tool->pace(),
                        $work->hands->working,
                        1e-9,
                    );
                }
                self::assertLessThan(1.0, $work->step->profile->loss);
            }
        }
        [$gun, $can] = [self::work('sprayed')->step->profile, self::work('sprayed', tool: Tool::Can)->step->profile];
        self::assertEqualsWithDelta([0.35, 0.45], [$gun->loss, $can->loss], 1e-9);
        self::assertSame('rolled, with a foam roller, keeps 25 ml', \sprintf(
            'rolled, with %s, keeps %g ml',
            self::work('rolled')->step->tool()?->inWords(),
            self::work('rolled')->step->profile->holdUp,
        ));
    }

    /**
     * What every painter knows: sanding a varnished top to bare takes far longer than scuffing it, turned legs longer than a top as large,
     * gold on the edges of a sideboard a quarter of an hour, and spraying six drawers is mostly set-up.
     */
    public function testMinutesAsPaintersKnowThem(): void
    {
        $varnished = self::board(length: 1500, width: 1000, finish: FinishKind::Varnish);
        $bare = self::minutes('sanded', $varnished, StepDetail::of(grit: 80, tool: Tool::Machine, aim: SandingAim::ToBare));
        $scuffed = self::minutes('scuff-sanded', $varnished, StepDetail::of(grit: 240));
        self::assertGreaterThan(4 * $scuffed, $bare);
        self::assertGreaterThan(35, $bare, '1.5 m² × 90 µm with a sander at 80: three quarters of an hour or so');
        self::assertLessThan(75, $bare);
        $byHand = self::minutes('sanded', $varnished, StepDetail::of(grit: 80, aim: SandingAim::ToBare));
        self::assertGreaterThan(3 * $bare, $byHand);
        self::assertSame(
            self::minutes('sanded', $varnished, StepDetail::of(grit: 80, depth: 400.0, tool: Tool::Machine)),
            $bare,
            'no more is taken off than lies there',
        );
        $legs = PiecePart::of('legs', 'Legs', Surface::of(
            Given::shapes()->named('leg-turned'),
            ['length' => 700, 'first' => 50, 'second' => 60, 'third' => 40, 'fourth' => 45],
            ['round'],
        ), 4, self::wood());
        $flat = self::board(length: 1000.0, width: $legs->totalArea() * 1000);
        self::assertEqualsWithDelta($legs->totalArea(), $flat->totalArea(['face']), 1e-9);
        foreach (['brushed', 'sanded', 'washed-wiped'] as $technique) {
            self::assertGreaterThan(1.5 * self::minutes($technique, $flat), self::minutes($technique, $legs));
        }
        $drawers = PiecePart::of('drawers', 'Drawers', Surface::of(
            Given::shapes()->named('drawer'),
            ['length' => 500, 'width' => 150, 'thickness' => 19],
            ['face', 'long-edges', 'short-edges'],
        ), 6, self::wood());
        $sprayed = self::work('sprayed', part: $drawers)->hands;
        self::assertGreaterThan($sprayed->minutes / 2, $sprayed->setUp);
        $sideboard = Piece::of('Sideboard', 1, [
            PiecePart::of('top', 'Top', Surface::of(
                Given::shapes()->named('top'),
                ['length' => 1600, 'width' => 450, 'thickness' => 25],
                ['face'],
            ), 1, self::wood()),
            PiecePart::of('doors', 'Doors', Surface::of(
                Given::shapes()->named('door'),
                ['length' => 600, 'width' => 400, 'thickness' => 19],
                ['face'],
            ), 4, self::wood()),
            $drawers,
        ]);
        $gold = Given::analyser()->analyse(
            Recipe::of('Test', $sideboard, [self::step('gold', 'gilded')]),
            Given::context(),
        )->works[0]->hands->minutes;
        self::assertGreaterThanOrEqual(10, $gold);
        self::assertLessThanOrEqual(25, $gold);
    }

    private static function minutes(string $technique, PiecePart $part, ?StepDetail $detail = null): int
    {
        return self::work($technique, part: $part, detail: $detail)->hands->minutes;
    }

    private static function work(
        string $technique,
        Extent $extent = new Extent(),
        ?Tool $tool = null,
        ?PiecePart $part = null,
        ?StepDetail $detail = null,
        ?float $mouldings = null,
    ): StepCalculation {
        $part ??= self::part(mouldings: $mouldings);
        $step = self::step('it', $technique, $extent, detail: $detail ?? StepDetail::of(tool: $tool, extent: $extent));

        return self::whole([$step], $part)->works[0];
    }

    /**
     * @return array{float, float, float} m², ml laid, ml poured of the first coat
     */
    private static function need(StepCalculation $work): array
    {
        $need = $work->needs()[0];

        return [$work->area, $need->laid, $need->poured->toFloat()];
    }

    /**
     * @param list<Step> $steps
     */
    private static function whole(array $steps, ?PiecePart $part = null): RecipeAnalysis
    {
        return Given::analyser()->analyse(Recipe::of('Test', Piece::of('Top', 1, [$part ?? self::part()]), $steps), Given::context());
    }

    /**
     * @param list<string> $parts
     */
    private static function step(
        string $id,
        string $technique,
        Extent $extent = new Extent(),
        array $parts = [],
        Purpose $purpose = Purpose::BrokenCover,
        ?StepDetail $detail = null,
        mixed $uses = null,
    ): Step {
        $how = Given::techniques()->named($technique);

        return Step::of(
            $id,
            ucfirst($id),
            $how,
            Intent::of($purpose),
            $parts,
            self::takes($how) ? $uses ?? Given::paint() : null,
            1,
            $detail ?? StepDetail::of(extent: $extent),
            WaitRule::of(WaitUntil::Nothing),
        );
    }

    private static function takes(Technique $technique): bool
    {
        return $technique->profile()->takesMaterial;
    }

    /**
     * @param list<Field> $fields
     */
    private static function part(array $fields = [], ?float $mouldings = null): PiecePart
    {
        return PiecePart::of('top', 'Top', Surface::of(
            Given::shapes()->named('top'),
            ['length' => 900, 'width' => 450, 'thickness' => 22],
            ['face', 'long-edges', 'short-edges'],
            $mouldings,
        ), 1, self::wood(), fields: $fields);
    }

    private static function board(float $length, float $width, FinishKind $finish = FinishKind::Bare): PiecePart
    {
        return PiecePart::of('top', 'Top', Surface::of(
            Given::shapes()->named('top'),
            ['length' => $length, 'width' => $width, 'thickness' => 22],
            ['face'],
        ), 1, self::wood(), new OldFinish($finish));
    }

    private static function wood(): Substrate
    {
        return Substrate::of(SubstrateKind::Solid, 'lime', Grain::Close, Colour::of('#e5d3b3'));
    }
}
