<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Schedule;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Drying\Air;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Drying\DayCurve;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\StatedTimes;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Planning\Precedence;
use Inlaid\Core\Planning\Wait;
use Inlaid\Core\Planning\Work;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Schedule\CalculatedPiece;
use Inlaid\Core\Schedule\CoatPlan;
use Inlaid\Core\Schedule\PieceToDo;
use Inlaid\Core\Schedule\PlanAlone;
use Inlaid\Core\Schedule\PlanScenarios;
use Inlaid\Core\Schedule\StepWaits;
use Inlaid\Core\Schedule\WorksOfPiece;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Made;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * The works that steps are made of, what each comes after, and where they fall when a piece is planned alone, as works.yaml has it: from
 * a Monday at eight, with hours until noon and from one to five.
 */
final class WorksTest extends TestCase
{
    private const MONDAY = 1_763_971_200; // 24 November 2025, 08:00 UTC

    private static function paint(?int $latest = null, ?int $potLife = null, ?int $open = 15): Material
    {
        return Given::paint(times: StatedTimes::of(30, 120, $latest, 480, 30_240), open: $open, potLife: $potLife);
    }

    /** @return iterable<string, array{\Closure(): (list<Step>|Recipe), 1?: array<string, mixed>}> */
    public static function pieces(): iterable
    {
        $coat = static fn (
            string $id,
            int $coats = 1,
            WaitUntil $wait = WaitUntil::Recoat,
            ?Material $of = null,
            ?StepDetail $detail = null,
        ): Step => Made::step(
            $id,
            'brushed',
            $of ?? self::paint(),
            $coats,
            wait: $wait,
            detail: $detail,
        );
        $sand = static fn (string $id = 'sand'): Step => Made::step(
            $id,
            'sanded',
            for: Purpose::Functional,
            wait: WaitUntil::Nothing,
            detail: StepDetail::of(grit: 180),
        );
        yield 'one coat' => [static fn (): array => [$coat('a')]];
        yield 'two coats, then another' => [
            static fn (): array => [$coat('a', 2, WaitUntil::Overnight), $coat('b', of: Given::paint('other'))],
        ];
        yield 'sanded between' => [static fn (): array => [$sand(), $coat('a', wait: WaitUntil::Through), $sand('again'), $coat('b')]];
        yield 'until touch-dry, until cured' => [
            static fn (): array => [$coat('a', wait: WaitUntil::Touch), $coat('b', wait: WaitUntil::Cure), $coat('c')],
        ];
        yield 'at the latest after four hours' => [
            static fn (): array => [$coat('a', 2, of: self::paint(240)), $coat('b', wait: WaitUntil::Nothing, of: self::paint(240))],
        ];
        yield 'a pot that goes off' => [static fn (): array => [$coat('a', 3, of: self::paint(potLife: 130))]];
        yield 'a powder that slakes' => [static fn (): array => [$coat('a', 2, of: Analysed::shelf()['halt-ochre'])]];
        yield 'left to dwell for an hour' => [static fn (): array => [
            Made::step('strip', 'stripped', Analysed::shelf()['paste-stripper'], 2, Purpose::Functional, detail: StepDetail::of(dwell: 60)),
            Made::step('oil', 'oiled-wiped', Analysed::shelf()['hard-oil'], 1, Purpose::Functional, detail: StepDetail::of(dwell: 20)),
        ]];
        yield 'a short dwell' => [static fn (): array => [
            Made::step('wash', 'washed-wiped', self::paint(), 1, Purpose::BrokenCover, detail: StepDetail::of(dwell: 4)),
        ]];
        yield 'on the bench of a cold shed' => [
            static fn (): array => [$coat('a', 2), $coat('b')],
            ['air' => DayCurve::between(4.0, 16.0, 55.0)],
        ];
        yield 'too cold at all hours' => [
            static fn (): array => [$sand(), $coat('a')],
            ['air' => DayCurve::steady(Climate::of(4.0, 50.0))],
        ];
        yield 'before a fan' => [
            static fn (): array => [$coat('a', 2, of: self::paint())],
            ['air' => DayCurve::steady(Climate::of(21.0, 50.0, Air::Fan))],
        ];
        yield 'in a place of its own, not before noon' => [
            static fn (): array => [$sand(), $coat('a')],
            ['place' => 'hall', 'notBefore' => self::MONDAY + 4 * 3600],
        ];
        yield 'half of it done' => [
            static fn (): array => [$coat('a', 3)],
            ['done' => ['a/1' => self::MONDAY - 86_400, 'a/2' => self::MONDAY + 600]],
        ];
        yield 'nothing' => [static fn (): array => []];
        yield 'sanded before it closes' => [
            static fn (): array => [$coat('a', of: self::paint(240)), $sand(), $coat('b', of: self::paint(240))],
        ];
        yield 'a door turned, oiled' => [static fn (): Recipe => self::doors([
            Made::step('oil', 'oiled-wiped', Analysed::shelf()['hard-oil'], 1, Purpose::Functional, detail: StepDetail::of(dwell: 15)),
        ], turned: true)];
        yield 'taped for two coats' => [static fn (): Recipe => self::doors([
            self::on($coat('a', 2, detail: StepDetail::of(masks: ['door'])), ['frame']),
        ])];
        $front = ['door:face', 'door:long-edges'];
        yield 'a door that is turned' => [
            static fn (): Recipe => self::doors([$coat('a', 2), $coat('b', wait: WaitUntil::Touch)], turned: true),
        ];
        yield 'its front alone' => [static fn (): Recipe => self::doors([self::on($coat('a', 2), $front), $coat('b')], turned: true)];
        yield 'a door and a frame' => [static fn (): Recipe => self::doors([
            self::on($coat('a'), ['door']),
            self::on($coat('b'), ['frame']),
            self::on($coat('c', detail: StepDetail::of(masks: ['door'])), ['frame']),
            self::on($sand(), ['frame']),
            self::on($coat('d'), ['door']),
        ])];
        yield 'a door turned, stripped' => [static fn (): Recipe => self::doors([
            Made::step('strip', 'stripped', Analysed::shelf()['paste-stripper'], 1, Purpose::Functional, detail: StepDetail::of(dwell: 30)),
        ], turned: true)];
    }

    /**
     * @param \Closure(): (list<Step>|Recipe) $steps
     * @param array<string, mixed>            $piece
     */
    #[DataProvider('pieces')]
    public function testWorks(\Closure $steps, array $piece = []): void
    {
        $made = $steps();
        $recipe = $made instanceof Recipe ? $made : Made::recipe($made);
        $calculated = self::calculated($recipe, $piece);
        Said::assertSame(__DIR__.'/works.yaml', 'works: '.$this->dataName(), array_map(
            self::work(...),
            (new WorksOfPiece())->works($calculated, self::calendar()),
        ));
    }

    /**
     * @param \Closure(): (list<Step>|Recipe) $steps
     * @param array<string, mixed>            $piece
     */
    #[DataProvider('pieces')]
    public function testPlannedAlone(\Closure $steps, array $piece = []): void
    {
        $made = $steps();
        $recipe = $made instanceof Recipe ? $made : Made::recipe($made);
        $usual = Given::context(self::hours(), self::MONDAY);
        $air = $piece['air'] ?? null;
        $context = $air instanceof DayCurve ? $usual->atPlace(null, $air) : $usual;
        $planned = (new PlanAlone())->plan($recipe, Made::works($recipe, $context), $context);
        self::assertSame([null, null], [$planned->start('none'), $planned->end('none')]);
        Said::assertSame(__DIR__.'/works.yaml', 'alone: '.$this->dataName(), [
            'plan' => Said::line($planned->plan, ['coats']),
            'coats' => array_map(static fn (CoatPlan $c): string => Said::line($c), $planned->plan->coats),
            'told' => Said::line($planned, ['plan']),
        ]);
    }

    /** Of 4 to 16 °C, the paint needs 8: laid at noon the evening is too cold before it can be recoated; in a warm room never. */
    public function testChilledBeforeItIsDry(): void
    {
        $waits = static function (DayCurve $air, float $lowest = 8.0): StepWaits {
            $recipe = Made::recipe([Made::step('s', 'brushed', Given::paint())]);

            return StepWaits::of(Made::works($recipe, Given::context())[0], $air, new \DateTimeZone('UTC'));
        };
        $cold = $waits(DayCurve::between(4.0, 16.0, 55.0));
        $noon = self::MONDAY + 4 * 3600;
        self::assertNull($cold->chilledAfter($noon, self::calendar()), 'dry before the evening');
        $late = $cold->chilledAfter($noon + 8 * 3600, self::calendar()) ?? self::fail('laid at eight in the evening');
        self::assertLessThan(8.0, $late);
        self::assertGreaterThan(3.9, $late);
        self::assertNull($waits(DayCurve::steady(Climate::reference()))->chilledAfter($noon, self::calendar()));
        self::assertSame([true, false], [$cold->canBeLaid(), $waits(DayCurve::steady(Climate::of(5.0, 50.0)))->canBeLaid()]);
        self::assertSame([true, false], [$cold->everDries(), $waits(DayCurve::steady(Climate::of(5.0, 50.0)))->everDries()]);
        self::assertSame([WaitUntil::Recoat, WaitUntil::Recoat], [$cold->rule(1, 2), $cold->rule(2, 2)]);
        $through = StepWaits::of(
            Made::works(Made::recipe([Made::step('s', 'brushed', Given::paint(), 2, wait: WaitUntil::Through)]), Given::context())[0],
            DayCurve::steady(Climate::reference()),
            new \DateTimeZone('UTC'),
        );
        self::assertSame([WaitUntil::Recoat, WaitUntil::Through], [$through->rule(1, 2), $through->rule(2, 2)]);
    }

    /** Of two pieces that could come in either order the one with a day to be ready by comes first, else the one that is named first. */
    #[TestWith([null, 'a'])]
    #[TestWith([self::MONDAY + 60, 'b'])]
    public function testWhatHasADayComesFirst(?int $due, string $first): void
    {
        $piece = static fn (string $id, ?int $due): CalculatedPiece => self::calculated(
            Made::recipe([Made::step('s', 'dusted')]),
            ['id' => $id, 'due' => $due],
        );
        $never = static fn (): bool => false;
        $plan = (new PlanScenarios())->plan(
            pieces: [$piece('a', null), $piece('b', $due)],
            calendars: [self::calendar()],
            context: Given::context(self::hours(), self::MONDAY),
            isOver: $never,
            isLate: $never,
        );
        $ends = ['a' => $plan->ready('a') ?? 0, 'b' => $plan->ready('b') ?? 0];
        asort($ends);
        self::assertSame($first, array_key_first($ends));
    }

    /** @param list<Step> $steps */
    private static function doors(array $steps, bool $turned = false): Recipe
    {
        $board = static fn (string $id): PiecePart => PiecePart::of(
            $id,
            ucfirst($id),
            Surface::of(
                Given::shapes()->named('door'),
                ['length' => 600.0, 'width' => 400.0, 'thickness' => 19.0],
                ['face', 'reverse', 'long-edges'],
            ),
            1,
            Substrate::of(SubstrateKind::Solid, 'beech', Grain::Close, Colour::of('#e0c9a0')),
            turned: $turned && 'door' === $id,
        );

        return Recipe::of('Doors', Piece::of('Doors', 1, [$board('door'), $board('frame')]), $steps);
    }

    /** @param list<string> $parts */
    private static function on(Step $step, array $parts): Step
    {
        return Step::of(
            $step->id,
            $step->title,
            $step->technique,
            $step->intent,
            $parts,
            $step->uses,
            $step->coats,
            $step->detail,
            $step->wait,
        );
    }

    private static function hours(): WorkingTime
    {
        return WorkingTime::of('UTC', array_fill(1, 5, [[480, 720], [780, 1020]]));
    }

    private static function calendar(): Calendar
    {
        return new Calendar(self::hours(), self::MONDAY);
    }

    /** @param array<string, mixed> $piece */
    private static function calculated(Recipe $recipe, array $piece): CalculatedPiece
    {
        $works = Made::works($recipe, Given::context());

        return CalculatedPiece::of(
            new PieceToDo(
                ...$piece + ['id' => 'p', 'recipe' => $recipe, 'air' => DayCurve::steady(Climate::reference()), 'notBefore' => 0],
            ),
            $works,
            new \DateTimeZone('UTC'),
        );
    }

    private static function work(Work $work): string
    {
        return implode('; ', [
            "$work->id: $work->minutes min",
            ...array_map(
                static fn (Precedence $l): string => \sprintf(
                    'after %s %s%s',
                    $l->after,
                    self::wait($l->wait),
                    null === $l->most ? '' : ", at most $l->most",
                ),
                $work->links,
            ),
            'then '.self::wait($work->last),
            ...(null === $work->pot ? [] : [Said::line($work->pot)]),
            ...(0 === $work->notBefore ? [] : ["not before $work->notBefore"]),
            ...array_filter([$work->room, $work->hours?->inWords(), $work->half, $work->alone ? 'alone' : null]),
        ]);
    }

    /** Minutes from Monday at ten. */
    private static function wait(Wait $wait): string
    {
        return \sprintf('%d (%d)', ($wait->over(self::MONDAY + 7200, self::calendar()) - self::MONDAY - 7200) / 60, $wait->least());
    }
}
