<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Preview;

use Brick\Math\BigRational;
use Inlaid\Core\Batch\PouredMix;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Drying\Air;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\Amount;
use Inlaid\Core\Measure\MeasureAtHand;
use Inlaid\Core\Measure\UnitSystem;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Mixing\Vessel;
use Inlaid\Core\Piece\FinishKind;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\OldFinish;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Preview\Preview;
use Inlaid\Core\Recipe\Criterion;
use Inlaid\Core\Recipe\Intent;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Repeat;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Effect;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * What must hold for any recipe: random pieces, steps, mixes and air.
 */
final class PreviewPropertiesTest extends TestCase
{
    use Randomly;

    /** Seconds to open and stir a pot. */
    private const A_POT = 300;

    /**
     * Twice as many pieces take twice as much, but for what stays in the brush each coat.
     */
    public function testTwiceThePiecesTakeTwiceAsMuch(): void
    {
        $this->manyTimes(16, function (): void {
            [$parts, $steps] = [$this->parts(), $this->steps()];
            $one = $this->preview($parts, $steps, 1);
            $two = $this->preview($parts, $steps, 2);
            self::assertEqualsWithDelta(2 * $one->area, $two->area, 1e-3);
            foreach ($one->steps as $i => $step) {
                $held = $steps[$i]->profile->holdUp;
                foreach ($step->pour->taken ?? [] as $coat => $amount) {
                    self::assertEqualsWithDelta(
                        2 * ($amount->ml - $held),
                        ($two->steps[$i]->pour->taken[$coat]->ml ?? 0) - $held,
                        0.31,
                        'each rounded up to a tenth',
                    );
                }
                self::assertSame($step->film?->dry, $two->steps[$i]->film?->dry, 'a film is a film');
            }
        });
    }

    /**
     * Only the first coat on bare wood drinks: of two coats the first takes at least as much, and splitting a step of two
     * coats into two steps of one takes the same.
     */
    public function testTwoCoatsAreOneAndAnother(): void
    {
        $this->manyTimes(16, function (): void {
            $parts = $this->parts();
            $step = fn (string $id, int $coats): Step => $this->step($id, 'brushed', Given::paint(), $coats);
            $together = array_map(
                static fn (Amount $a): float => $a->ml,
                $this->preview($parts, [$step('a', 2)])->steps[0]->pour->taken ?? [],
            );
            $apart = $this->preview($parts, [$step('a', 1), $step('b', 1)])->steps;
            self::assertSame($together, [$apart[0]->pour?->taken[0]->ml, $apart[1]->pour?->taken[0]->ml]);
            self::assertGreaterThanOrEqual($together[1], $together[0]);
        });
    }

    /**
     * More water in the same wash: less film, less paint, never a shorter list of what is poured.
     */
    public function testMoreWaterLessOfEverythingElse(): void
    {
        $this->manyTimes(16, function (): void {
            $parts = $this->parts();
            $water = $this->rational(1, 6, 4);
            [$strong, $weak] = array_map(
                fn (BigRational $w): Preview => $this->preview($parts, [$this->step('w', 'washed-wiped', $this->wash($w), 1)]),
                [$water, $water->plus('1/3')],
            );
            self::assertLessThan($strong->steps[0]->film?->dry, $weak->steps[0]->film?->dry);
            self::assertSame($strong->steps[0]->film?->wet, $weak->steps[0]->film?->wet, 'hand and brush set the wet film');
            self::assertLessThan($strong->materials[0]->amount->ml, $weak->materials[0]->amount->ml);
            self::assertGreaterThan($strong->materials[1]->amount->ml, $weak->materials[1]->amount->ml);
        });
    }

    /**
     * No step added anywhere lets the work be done sooner, but for a pot that is open already when the last step comes; and no colder or
     * damper air lets it dry sooner.
     */
    public function testNothingAddedIsDoneSooner(): void
    {
        $this->manyTimes(16, function (): void {
            [$parts, $steps] = [$this->parts(), $this->steps()];
            $usual = $this->preview($parts, $steps)->plan;
            $more = $steps;
            array_splice($more, $this->int(0, \count($more)), 0, [$this->step('more', 'brushed', Given::paint(), 1)]);
            self::assertGreaterThanOrEqual(
                (int) strtotime($usual->coats[\count($usual->coats) - 1]->end) - self::A_POT,
                (int) strtotime($this->lastEnd($more, $parts)),
            );
            $cold = $this->preview($parts, $steps, 1, Climate::of(14, 62))->plan;
            self::assertGreaterThanOrEqual(strtotime((string) $usual->curedOn), strtotime((string) $cold->curedOn));
        });
    }

    /**
     * What is poured is enough, is the ratio within the tolerance, and its marks rise one above the other to the yield.
     */
    public function testTheCupHoldsWhatIsNeeded(): void
    {
        $this->manyTimes(24, function (): void {
            foreach ($this->preview($this->parts(), $this->steps(), 1)->steps as $step) {
                if (null === $step->pour) {
                    continue;
                }
                $mixed = array_sum(array_map(static fn (PouredMix $m): float => $m->need->ml, $step->pour->mixes));
                self::assertEqualsWithDelta($step->pour->need->ml, $mixed, 1e-3);
                foreach ($step->pour->mixes as $mix) {
                    self::assertGreaterThanOrEqual($mix->need->ml - 1e-6, $mix->batch->yield->ml);
                    self::assertLessThanOrEqual(0.02, $mix->batch->error);
                    $volumes = array_sum(array_map(static fn ($l): float => $l->volume, $mix->batch->lines));
                    self::assertEqualsWithDelta($mix->batch->yield->ml, $volumes, 1e-3);
                    $below = 0.0;
                    foreach ($mix->cup->marks ?? [] as $i => $mark) {
                        self::assertNotNull($mark->height, 'over the brim');
                        self::assertGreaterThan($below, $mark->height);
                        self::assertLessThan($mix->cup?->capacity, $mark->upTo);
                        self::assertSame($mix->batch->lines[$i]->materialId, $mark->materialId, 'in the order of pouring');
                        $below = $mark->height;
                    }
                }
            }
        });
    }

    /**
     * A recipe is worked out from what it says alone: the same twice, and steps on other parts change nothing of this one.
     */
    public function testPartsDoNotDisturbOneAnother(): void
    {
        $this->manyTimes(10, function (): void {
            $parts = [...$this->parts(), PiecePart::of('apart', 'Apart', Surface::free(0.7), 1, $this->ground(), $this->finish())];
            $steps = $this->steps(array_map(static fn (PiecePart $p): string => $p->id, \array_slice($parts, 0, -1)));
            $alone = $this->preview($parts, $steps);
            self::assertEquals($alone, $this->preview($parts, $steps));
            $with = $this->preview(
                $parts,
                [
                    Step::of(
                        'other',
                        '',
                        Given::techniques()->named('brushed'),
                        Intent::of(Purpose::Hide),
                        ['apart'],
                        Given::paint(),
                        1,
                        StepDetail::of(),
                        WaitRule::of(WaitUntil::Nothing),
                    ),
                    ...$steps,
                ],
            );
            foreach ($alone->steps as $i => $step) {
                self::assertEquals(
                    [$step->film, $step->pour?->need, $step->handsOn, $step->drying],
                    [
                        $with->steps[$i + 1]->film,
                        $with->steps[$i + 1]->pour?->need,
                        $with->steps[$i + 1]->handsOn,
                        $with->steps[$i + 1]->drying,
                    ],
                );
            }
        });
    }

    /**
     * A step repeated until something is so takes at least, as expected and at most what the same step takes so many times; its
     * last resort is done only when all goes slowly.
     */
    public function testARepeatedStepIsTheSameStepSoManyTimes(): void
    {
        $this->manyTimes(12, function (): void {
            $parts = $this->parts();
            $rounds = [$this->int(1, 3), $this->int(3, 5), $this->int(5, 8)];
            $again = static fn (int $coats, ?Repeat $until): Step => Step::of(
                'again',
                '',
                Given::techniques()->named('stripped'),
                Intent::of(Purpose::Functional),
                [],
                Given::paint(),
                $coats,
                StepDetail::of(dwell: 20, depth: 5000.0), // to the wood in any case
                WaitRule::of(WaitUntil::Recoat),
                '',
                $until,
            );
            $resort = $this->step('resort', 'sanded', null, 2);
            $paint = $this->step('paint', 'brushed', Given::paint(), $this->int(1, 2));
            $open = $this->preview(
                $parts,
                [$again($rounds[1], Repeat::of(Criterion::Bare, $rounds[0], $rounds[2], 'resort')), $resort, $paint],
            );
            [$least, $expected] = [
                $this->preview($parts, [$again($rounds[0], null), $paint]),
                $this->preview($parts, [$again($rounds[1], null), $paint]),
            ];
            $most = $this->preview($parts, [$again($rounds[2], null), $resort, $paint]);
            self::assertSame(
                [$least->plan->readyOn, $expected->plan->readyOn, $most->plan->readyOn],
                [$open->plan->soonest, $open->plan->readyOn, $open->plan->latest],
            );
            self::assertSame($expected->plan->handsOn, $open->plan->handsOn);
            self::assertSame(
                [$least->materials[0]->amount->ml, $expected->materials[0]->amount->ml, $most->materials[0]->amount->ml],
                [$open->materials[0]->least?->ml, $open->materials[0]->amount->ml, $open->materials[0]->most?->ml],
            );
            self::assertEquals($most->consumables, $open->consumables, 'enough is at hand for the last round');
            self::assertSame($expected->cost->minutes, $open->cost->minutes);
            self::assertSame($most->cost->minutes, $open->mostCost?->minutes);
            self::assertSame([null, null], [$expected->mostCost, $expected->plan->latest], 'what is not open has no span');
        });
    }

    /**
     * @param list<Step>      $steps
     * @param list<PiecePart> $parts
     */
    private function lastEnd(array $steps, array $parts): string
    {
        $coats = $this->preview($parts, $steps)->plan->coats;

        return $coats[\count($coats) - 1]->end;
    }

    /**
     * @return list<PiecePart>
     */
    private function parts(): array
    {
        return array_map(
            fn (int $i): PiecePart => PiecePart::of(
                "p$i",
                "Part $i",
                Surface::free(round($this->float(0.1, 2), 3)),
                $this->int(1, 3),
                $this->ground(),
                $this->finish(),
            ),
            range(1, $this->int(1, 3)),
        );
    }

    private function ground(): Substrate
    {
        return Substrate::of(SubstrateKind::cases()[$this->int(0, 5)], 'lime', Grain::cases()[$this->int(0, 2)], Colour::of('#e5d3b3'));
    }

    private function finish(): OldFinish
    {
        return new OldFinish(FinishKind::cases()[$this->int(0, 7)]);
    }

    /**
     * Any steps of any technique, with what these take.
     *
     * @param list<string> $on
     *
     * @return non-empty-list<Step>
     */
    private function steps(array $on = []): array
    {
        $all = array_values(array_filter(Given::techniques()->all(), static fn ($t): bool => Effect::Waits !== $t->profile()->effect));

        return array_map(function (int $i) use ($all, $on): Step {
            $technique = $all[$this->int(0, \count($all) - 1)];

            return $this->step(
                "s$i",
                $technique->key(),
                $technique->profile()->takesMaterial
                    ? [Given::paint(), Given::powder(), $this->wash($this->rational(1, 3, 2))][$this->int(0, 2)]
                    : null,
                $this->int(1, 3),
                $on,
            );
        }, range(1, $this->int(1, 6)));
    }

    private function wash(BigRational $water): Mixture
    {
        return Mixture::of('Wash', Basis::ByVolume, [Part::of(BigRational::one(), Given::paint()), Part::of($water, Given::water())]);
    }

    /**
     * @param list<string> $on
     */
    private function step(string $id, string $technique, Material|Mixture|null $uses, int $coats, array $on = []): Step
    {
        return Step::of(
            $id,
            '',
            Given::techniques()->named($technique),
            Intent::of(Purpose::Hide),
            $on,
            $uses,
            $coats,
            StepDetail::of(FilmWeight::Normal),
            WaitRule::of(WaitUntil::Recoat),
        );
    }

    /**
     * @param list<PiecePart> $parts
     * @param list<Step>      $steps
     */
    private function preview(array $parts, array $steps, int $pieces = 1, ?Climate $climate = null): Preview
    {
        $measures = [
            MeasureAtHand::of('syringe', BigRational::one(), BigRational::of(60)),
            MeasureAtHand::of('jug', BigRational::of(10), BigRational::of(2000)),
        ];
        $context = new Context(
            1_764_054_000,
            WorkingTime::of('Europe/Zurich', array_fill(1, 6, [[420, 1140]])),
            $climate ?? Climate::of(21, 50, Air::Still),
            UnitSystem::Metric,
            $measures,
            [Vessel::cup('Pail', 200, 240, 300), Vessel::cup('Cup', 60, 80, 110)],
            BigRational::of('0.05'),
            BigRational::of('0.02'),
        );

        return Given::previewer()->preview(Recipe::of('Test', Piece::of('Case', $pieces, $parts), $steps), $context);
    }
}
