<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Run;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Drying\DayCurve;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Practice\PersonalFactors;
use Inlaid\Core\Recipe\Intent;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Scenario;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Run\Event;
use Inlaid\Core\Run\EventKind;
use Inlaid\Core\Run\FoldRun;
use Inlaid\Core\Run\Observed;
use Inlaid\Core\Run\ObserveRun;
use Inlaid\Core\Schedule\CalculatedPiece;
use Inlaid\Core\Schedule\PieceToDo;
use Inlaid\Core\Schedule\StepWaits;
use Inlaid\Core\Schedule\WorksOfPiece;
use Inlaid\Core\Work\StepCalculation;
use Inlaid\Core\Work\WorkOutSteps;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * What a run tells of the painter's own figures, and that reckoning with them is what it was.
 */
final class ObserveRunTest extends TestCase
{
    use Randomly;

    /** Recoatable after 2 h on the label, in the air of the label; seen dry after 3 h. 120 ml poured where 100 are reckoned. */
    public function testByHand(): void
    {
        [$paces, $drying, $amounts] = $this->observe([
            Event::of('a', 0, EventKind::Started, 's'),
            Event::of('b', 3600, EventKind::Finished, 's'),
            Event::of('c', 3600 + 3 * 3600, EventKind::Dried, 's'),
            Event::of('d', 10, EventKind::Poured, 's', ml: 1.2 * $this->works()[0]->poured()->toFloat()),
        ], 1);
        self::assertEquals([new Observed('paint', 120.0, 180.0, 14_400)], $drying);
        self::assertSame(['brushed', 60.0, 3600], [$paces[0]->of, $paces[0]->seen, $paces[0]->at]);
        self::assertSame(['paint/brushed', 3600], [$amounts[0]->of, $amounts[0]->at]);
        self::assertEqualsWithDelta(1.2, $amounts[0]->ratio(), 1e-9);
    }

    /** Of two coats both must be done, in whatever order they are noted; the air counts that was noted last before the coat. */
    public function testOfTwoCoatsAndOfTheAirThen(): void
    {
        $poured = 0.9 * $this->works(coats: 2)[0]->poured()->toFloat();
        $coats = [
            Event::of('b', 9000, EventKind::Finished, 's', 2),
            Event::of('a', 3600, EventKind::Finished, 's'),
            Event::of('p', 10, EventKind::Poured, 's', ml: $poured),
        ];
        $amounts = $this->observe($coats, 2)[2];
        self::assertSame([9000, 0.9], [$amounts[0]->at, round($amounts[0]->ratio(), 9)]);
        $typical = fn (Event ...$air): float => $this->observe([
            Event::of('f', 3600, EventKind::Finished, 's'),
            Event::of('d', 40_000, EventKind::Dried, 's'),
            ...array_values($air),
        ], 1)[1][0]->typical;
        $cold = static fn (string $id, int $at): Event => Event::of($id, $at, EventKind::Climate, climate: Climate::of(12.0, 70.0));
        $usual = static fn (string $id, int $at): Event => Event::of($id, $at, EventKind::Climate, climate: Climate::reference());
        self::assertSame(120.0, $typical());
        self::assertGreaterThan(120.0, $typical($cold('k', 3600)));
        self::assertSame(120.0, $typical($cold('k', 3601)), 'colder afterwards');
        self::assertSame(120.0, $typical($cold('k', 100), $usual('l', 3000)), 'the last before it counts');
    }

    /** A night slept through, and the next coat begun in the morning, says nothing of when the first was dry. */
    public function testAWaitSleptThroughIsNoObservation(): void
    {
        $coats = [
            Event::of('b', 3600, EventKind::Finished, 's'),
            Event::of('c', 60_000, EventKind::Started, 's', 2),
            Event::of('d', 63_000, EventKind::Finished, 's', 2),
        ];
        self::assertSame([], $this->observe($coats, 2)[1]);
        self::assertSame(
            [],
            $this->observe([Event::of('x', 3000, EventKind::Dried, 's'), ...$coats], 2)[1],
            'what is not laid yet does not dry',
        );
        self::assertSame(
            [],
            $this->observe([Event::of('p', 10, EventKind::Poured, 's', ml: 50.0), $coats[0]], 2)[2],
            'one of two coats is not all of it',
        );
    }

    /** What is reckoned with the factor that was observed is what was observed. */
    public function testReckonedWithWhatWasObservedItIsWhatItWas(): void
    {
        $this->manyTimes(60, function (): void {
            [$times, $more] = [$this->int(20, 300) / 100, $this->int(20, 300) / 100];
            $own = new PersonalFactors([], ['paint' => $times], ['paint/brushed' => $more]);
            [$typical, $with] = [$this->works()[0], $this->works($own)[0]];
            self::assertEqualsWithDelta(
                $more * $typical->needs(Scenario::Expected)[0]->laid,
                $with->needs(Scenario::Expected)[0]->laid,
                1e-6,
            );
            self::assertSame($typical->film?->wet, $with->film?->wet, 'the film is what it is');
            self::assertEqualsWithDelta($times * 120, $with->character->handling->times->recoat ?? 0, 0.5);
            self::assertSame($typical->character?->handling->times?->cure, $with->character?->handling->times?->cure);
            $dry = StepWaits::of(
                $with,
                $this->piece()->air,
                new \DateTimeZone('UTC'),
            )->until(WaitUntil::Recoat)->over(0, $this->calendar());
            $drying = $this->observe([Event::of('b', 0, EventKind::Finished, 's'), Event::of('c', $dry, EventKind::Dried, 's')], 1)[1];
            self::assertEqualsWithDelta($times, $drying[0]->ratio(), 0.006);
        });
    }

    /**
     * @param list<Event> $events
     *
     * @return array{list<Observed>, list<Observed>, list<Observed>}
     */
    private function observe(array $events, int $coats): array
    {
        $works = $this->works(new PersonalFactors(), $coats);
        $acts = (new WorksOfPiece())->works(CalculatedPiece::of($this->piece($coats), $works, new \DateTimeZone('UTC')), $this->calendar());

        return (new ObserveRun())->observe(
            $this->piece($coats),
            $works,
            $acts,
            (new FoldRun())->fold($events),
            $this->calendar(),
            new \DateTimeZone('UTC'),
        );
    }

    /**
     * @return list<StepCalculation>
     */
    private function works(PersonalFactors $own = new PersonalFactors(), int $coats = 1): array
    {
        return (new WorkOutSteps())->workOut(
            $this->piece($coats)->recipe,
            Climate::reference(),
            Given::practices()->habits([], [])->withOwn($own),
        );
    }

    private function piece(int $coats = 1): PieceToDo
    {
        $part = PiecePart::of(
            'p',
            'P',
            Surface::free(1.0),
            1,
            Substrate::of(SubstrateKind::Solid, 'beech', Grain::Close, Colour::of('#e0c9a0')),
        );
        $step = Step::of(
            's',
            '',
            Given::techniques()->named('brushed'),
            Intent::of(Purpose::Hide),
            [],
            Given::paint(),
            $coats,
            StepDetail::of(),
            WaitRule::of(WaitUntil::Recoat),
        );

        return new PieceToDo('piece', Recipe::of('T', Piece::of('Table', 1, [$part]), [$step]), DayCurve::steady(Climate::reference()), 0);
    }

    private function calendar(): Calendar
    {
        return new Calendar(WorkingTime::of('UTC', array_fill(1, 7, [[480, 1020]])), 0);
    }
}
