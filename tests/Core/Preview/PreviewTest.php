<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Preview;

use Brick\Math\BigRational;
use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Film\JarRunsOut;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\MeasureAtHand;
use Inlaid\Core\Measure\UnitSystem;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Mixing\Vessel;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Preview\Preview;
use Inlaid\Core\Recipe\Intent;
use Inlaid\Core\Recipe\InvalidRecipe;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Tests\Core\Given;
use PHPUnit\Framework\TestCase;

/**
 * A recipe worked out, against numbers reckoned by hand.
 */
final class PreviewTest extends TestCase
{
    /**
     * Paint at 10 m²/L lies 100 µm wet; brushed over 2 m² of bare close-grained wood (drinks 1.2): 240 ml laid, 252.632
     * taken at 5 % loss, 260.632 with the brush's 8 ml; the second coat 200 laid, 218.526 taken. Solids 0.4: 40 µm dry.
     */
    public function testNeedAndFilmOfPlainCoats(): void
    {
        $preview = $this->preview([$this->step('base', 'brushed', Given::paint(), coats: 2)]);
        $step = $preview->steps[0];
        self::assertSame([100.0, 40.0, 80.0], [$step->film?->wet, $step->film?->dry, $step->film?->total]);
        self::assertSame([260.7, 218.6], array_map(static fn ($a): float => $a->ml, $step->pour->taken ?? []));
        self::assertSame(479.3, $step->pour?->need->ml);
        self::assertSame(22, $step->handsOn, '4 min for the brush, 0.35 for the part, 2 m² at 0.12 m²/min');
        self::assertSame(80.0, $preview->stacks[0]->dry);
    }

    /** A recipe begins with no step at all, and is worked out as well. */
    public function testARecipeOfNoSteps(): void
    {
        $preview = $this->preview([]);
        self::assertSame([[], [], 0], [$preview->steps, $preview->plan->coats, $preview->plan->handsOn]);
        self::assertSame([$preview->plan->from, $preview->plan->from], [$preview->plan->readyOn, $preview->plan->curedOn]);
    }

    /**
     * A wash of 1 paint to 3 water has a quarter of the solids: 100 µm laid, 35 stay, 35 × 0.4 ÷ 4 = 3.5 µm dry. More water, less film.
     */
    public function testThinningAndWipingTakeFromTheFilm(): void
    {
        $film = fn (string $water): ?float => $this->preview([$this->step(
            'wash',
            'washed-wiped',
            $this->wash($water),
        )])->steps[0]->film?->dry;
        self::assertSame(3.5, $film('3'));
        self::assertSame(4.667, $film('2'));
        self::assertSame([], $this->preview([$this->step('wash', 'washed-wiped', $this->wash('3'))])->steps[0]->remarks);
        $remarks = $this->preview([$this->step('wash', 'washed-wiped', $this->wash('4'))])->steps[0]->remarks;
        self::assertSame([Severity::Warn], array_map(static fn ($r) => $r->severity, $remarks));
        self::assertStringContainsString('Thinned 4 to 1; maximum 3 to 1', $remarks[0]->text);
    }

    public function testTheBatchIsInWholeMeasuresAndItsMarksFollow(): void
    {
        $pour = $this->preview([$this->step('wash', 'washed-on', $this->wash('3'))])->steps[0]->pour;
        self::assertNotNull($pour);
        self::assertTrue($pour->mixes[0]->batch->measured);
        self::assertGreaterThanOrEqual($pour->need->ml, $pour->mixes[0]->batch->yield->ml);
        self::assertLessThanOrEqual(0.02, $pour->mixes[0]->batch->error);
        self::assertSame('Small cup', $pour->mixes[0]->cup?->name);
        self::assertEqualsWithDelta($pour->mixes[0]->batch->yield->ml, $pour->mixes[0]->cup->marks[1]->upTo, 1e-9);
        self::assertSame('1 Paint : 3 Water', $pour->words);
    }

    public function testOnlyTheFirstFilmOnBareGroundDrinksAndFineSandingLessens(): void
    {
        $first = fn (Step ...$steps): float => $this->preview(array_values($steps))->steps[\count($steps) - 1]->pour->need->ml ?? 0.0;
        $coat = $this->step('coat', 'brushed', Given::paint());
        $bare = $first($coat);
        self::assertSame(260.7, $bare);
        self::assertSame(218.6, $first($this->step('base', 'brushed', Given::paint()), $coat));
        self::assertLessThan($bare, $first($this->step('sand', 'sanded', null, detail: StepDetail::of(grit: 320)), $coat));
    }

    public function testSandingAllOverThinsTheFilmsAndDistressOnlyReaches(): void
    {
        $stack = $this->preview([
            $this->step('base', 'brushed', Given::paint()),
            $this->step('top', 'brushed', Given::paint('top')),
            $this->step('sand', 'sanded', null, detail: StepDetail::of(depth: 10)),
            $this->step('wear', 'distressed-dry', null, detail: StepDetail::of(depth: 50)),
            $this->step('worn', 'distressed-dry', null, detail: StepDetail::of(depth: 90)),
        ])->stacks[0];
        self::assertSame([40.0, 30.0], [$stack->layers[0]->thickness, $stack->layers[1]->thickness]);
        self::assertSame(['top', 'base', 'wood'], array_map(static fn ($l) => $l->reaches, \array_slice($stack->layers, 2)));
    }

    public function testPartsThatDifferInGroundOrStepsHaveTheirOwnCut(): void
    {
        $preview = $this->preview(
            [
                $this->step('all', 'brushed', Given::paint()),
                Step::of(
                    'front',
                    '',
                    Given::techniques()->named('waxed'),
                    Intent::of(Purpose::Functional),
                    ['door'],
                    Given::paint('wax'),
                    1,
                    StepDetail::of(),
                    WaitRule::of(WaitUntil::Recoat),
                ),
            ],
            ['door'],
        );
        self::assertSame([['Carcass'], ['Door']], array_map(static fn ($s) => $s->parts, $preview->stacks));
        self::assertSame([1, 2], array_map(static fn ($s) => \count($s->layers), $preview->stacks));
        self::assertSame(1.0, $preview->steps[1]->area);
    }

    /**
     * Coats of 17 minutes at 08:00, 5 to begin with the pot, recoat after 120: 08:00, 10:22; through-dry 8 h after 10:39; cured 21 days
     * later.
     */
    public function testThePlanFollowsTheDrying(): void
    {
        $plan = $this->preview([$this->step('base', 'brushed', Given::paint(), coats: 2)])->plan;
        self::assertSame(
            ['2026-11-23T08:00:00+01:00', '2026-11-23T10:27:00+01:00'],
            array_map(static fn ($c) => $c->stretches[0]->start, $plan->coats),
        );
        self::assertSame(['2026-11-23T18:49:00+01:00', '2026-12-14T10:49:00+01:00'], [$plan->readyOn, $plan->curedOn]);
        $cold = $this->preview([$this->step('base', 'brushed', Given::paint(), coats: 2)], climate: Climate::of(4, 50))->plan;
        self::assertNull($cold->readyOn);
        self::assertStringContainsString('Step 1: 4 °C is below', (string) $cold->stuck);
    }

    public function testSchoolsChangeWhatIsWorkedOut(): void
    {
        $base = [$this->step('base', 'brushed', Given::paint())];
        self::assertSame(70.0, $this->preview($base, schools: ['coat-thickness' => 'thin-many'])->steps[0]->film?->wet);
        self::assertSame(27, $this->preview($base, schools: ['brush-direction' => 'every-way'])->steps[0]->handsOn);
        self::assertGreaterThan(260.7, $this->preview($base, schools: ['last-grit' => '120'])->steps[0]->pour?->need->ml);
        self::assertSame(FilmWeight::Thin, $this->preview($base, schools: ['coat-thickness' => 'thin-many'])->steps[0]->film?->weight);
    }

    public function testAJarRunsOutWhereItDoes(): void
    {
        self::assertNull(JarRunsOut::where(100, [[60, 2], [40, 2]]));
        $out = JarRunsOut::where(80, [[60, 2], [40, 2]]);
        self::assertSame([2, 1.0], [$out?->coat, $out?->area]);
    }

    public function testContradictionsAreRefused(): void
    {
        foreach ([
            fn () => $this->step('sand', 'sanded', Given::paint()),
            fn () => $this->step('base', 'brushed', null),
            fn () => $this->step('base', 'brushed', Given::paint(), coats: 0),
            fn () => Recipe::of('r', $this->piece([]), [$this->step('a', 'sanded', null), $this->step('a', 'sanded', null)]),
            static fn () => StepDetail::of(left: 1.5),
        ] as $nonsense) {
            try {
                $nonsense();
                self::fail('Nonsense was accepted.');
            } catch (InvalidRecipe $refusal) {
                self::assertNotSame('', $refusal->getMessage());
            }
        }
    }

    private function wash(string $water): Mixture
    {
        return Mixture::of(
            'Wash',
            Basis::ByVolume,
            [Part::of(BigRational::one(), Given::paint()), Part::of(BigRational::of($water), Given::water())],
        );
    }

    private function step(string $id, string $technique, Material|Mixture|null $uses, int $coats = 1, ?StepDetail $detail = null): Step
    {
        return Step::of(
            $id,
            '',
            Given::techniques()->named($technique),
            Intent::of(Purpose::Hide),
            [],
            $uses,
            $coats,
            $detail ?? StepDetail::of(),
            WaitRule::of(WaitUntil::Recoat),
        );
    }

    /**
     * @param list<string> $more
     */
    private function piece(array $more): Piece
    {
        $wood = Substrate::of(SubstrateKind::Solid, 'lime', Grain::Close, Colour::of('#e5d3b3'));

        return Piece::of(
            'Case',
            1,
            [
                PiecePart::of('carcass', 'Carcass', Surface::free(1.0), 2, $wood),
                ...array_map(static fn (string $id): PiecePart => PiecePart::of($id, ucfirst($id), Surface::free(1.0), 1, $wood), $more),
            ],
        );
    }

    /**
     * @param list<Step>            $steps
     * @param list<string>          $moreParts
     * @param array<string, string> $schools
     */
    private function preview(array $steps, array $moreParts = [], ?Climate $climate = null, array $schools = []): Preview
    {
        $week = array_fill(1, 5, [[480, 720], [780, 1020]]);
        $context = new Context(
            (new \DateTimeImmutable('2026-11-23T08:00:00+01:00'))->getTimestamp(),
            WorkingTime::of('Europe/Zurich', $week),
            $climate ?? Climate::reference(),
            UnitSystem::Metric,
            [
                MeasureAtHand::of('tablespoon', BigRational::of(15), BigRational::of(15)),
                MeasureAtHand::of('jug', BigRational::of(10), BigRational::of(500)),
            ],
            [Vessel::cup('Small cup', 60, 80, 90), Vessel::cup('Litre jug', 90, 110, 140)],
            BigRational::of('0.05'),
            BigRational::of('1/50'),
        );

        return Given::previewer()->preview(Recipe::of('Test', $this->piece($moreParts), $steps, $schools), $context);
    }
}
