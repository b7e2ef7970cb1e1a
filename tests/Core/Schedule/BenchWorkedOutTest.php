<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Schedule;

use Brick\Math\BigRational;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Context\PotAtHand;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Drying\DayCurve;
use Inlaid\Core\Drying\Place;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Planning\WorkKey;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Schedule\DaysPreview;
use Inlaid\Core\Schedule\PieceToDo;
use Inlaid\Core\Schedule\PlanDays;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Whole benches over the days, a line for each task, piece, gap and pot, as bench.yaml has them.
 */
final class BenchWorkedOutTest extends TestCase
{
    /**
     * @return iterable<string, array{string, \Closure(): DaysPreview}>
     */
    public static function benches(): iterable
    {
        $paint = [
            'steps' => [['sanded', null, ['grit' => 180]], ['dusted'], ['brushed', 'signal-cream', ['coats' => 2]], ['waxed', 'clear-wax']],
        ];
        $oil = ['steps' => [['oiled-wiped', 'hard-oil', ['coats' => 2, 'dwell' => 20]]]];
        $turned = ['part' => ['shape' => ['kind' => 'door', 'size' => ['length' => 1900, 'width' => 600, 'thickness' => 20], 'faces' => [
            'face', 'reverse', 'long-edges', 'short-edges',
        ]], 'area' => null, 'turned' => true], 'other' => ['shape' => null, 'area' => 0.3, 'turned' => false], 'steps' => [
            ['brushed', 'engine-green', ['coats' => 2]],
            ['padded', 'topcoat-satin', ['wait' => 'through']],
        ]];
        $open = ['part' => ['finish' => ['kind' => 'varnish'], 'tests' => ['age' => 'after']], 'steps' => [
            ['stripped', 'water-rinsed-stripper', ['dwell' => 15, 'repeat' => ['until' => 'bare', 'least' => 1, 'most' => 3]]],
            ['rinsed', 'water', ['wait' => 'overnight']],
            ['brushed', 'varnish'],
        ]];
        $days = static fn (array $pieces, ?Context $context = null): DaysPreview => (new PlanDays(Given::practices()))->plan(
            array_values($pieces),
            $context ?? self::context(),
            static fn (): bool => false,
        );
        $benches = [
            'nothing to do' => static fn (): DaysPreview => $days([]),
            'one piece' => static fn (): DaysPreview => $days([self::piece('a', $paint)]),
            'three pieces' => static fn (): DaysPreview => $days(
                [self::piece('a', $paint), self::piece('b', $oil), self::piece('c', $turned)],
            ),
            'one is due on Tuesday, one begins on Wednesday' => static fn (): DaysPreview => $days([
                self::piece('a', $paint, due: '2026-11-24 23:59:59'),
                self::piece('b', $oil, notBefore: '2026-11-25 00:00'),
            ]),
            'due long before it can be' => static fn (): DaysPreview => $days([self::piece('a', $turned, due: '2026-11-23 12:00')]),
            'due in spring: when to begin at the latest' => static fn (): DaysPreview => $days(
                [self::piece('a', $paint, due: '2026-12-18 23:59:59')],
            ),
            'half done' => static fn (): DaysPreview => $days([self::piece('a', $paint, done: [
                (string) new WorkKey('s0', 1, 1) => '2026-11-23 07:30',
                (string) new WorkKey('s1', 1, 1) => '2026-11-23 07:40',
                (string) new WorkKey('s2', 1, 1) => '2026-11-23 07:55',
            ])]),
            'all done' => static fn (): DaysPreview => $days([self::piece('a', ['steps' => [['dusted']]], done: [
                (string) new WorkKey('s0', 1, 1) => '2026-11-23 07:30',
            ])]),
            'a helper' => static fn (): DaysPreview => $days(
                [self::piece('a', $paint), self::piece('b', $oil)],
                self::context(helper: true),
            ),
            'stripped as often as it takes' => static fn (): DaysPreview => $days([self::piece('a', $open)]),
            'two in a place that holds one' => static fn (): DaysPreview => $days([
                self::piece('a', $paint, place: 'stove'),
                self::piece('b', $paint, place: 'stove'),
            ], self::context(place: DayCurve::steady(Climate::of(25, 40)))),
            'a place that is too cold' => static fn (): DaysPreview => $days(
                [self::piece('a', $paint, place: 'stove', air: DayCurve::steady(Climate::of(2, 50)))],
            ),
            'a place that is warm enough by noon' => static fn (): DaysPreview => $days(
                [self::piece('a', $paint, place: 'stove', air: DayCurve::between(5, 13, 55))],
            ),
            'pots that will not keep' => static fn (): DaysPreview => $days([], self::context(pots: [
                self::pot('late', '2026-11-29 07:00'),
                self::pot('over', '2026-11-23 07:59'),
                self::pot('now', '2026-11-23 08:00'),
                self::pot('soon', '2026-11-24 00:00'),
                self::pot('keeps', '2026-11-30 08:00'),
                self::pot('nobody knows', null),
            ])),
        ];
        foreach ($benches as $name => $plan) {
            yield $name => [$name, $plan];
        }
    }

    /**
     * @param \Closure(): DaysPreview $plan
     */
    #[DataProvider('benches')]
    public function testABenchIsPlannedAsItWas(string $name, \Closure $plan): void
    {
        $p = $plan();
        $each = static fn (array $things): array => array_map(static fn (object $o): string => Said::line($o), $things);
        Said::assertSame(__DIR__.'/bench.yaml', $name, [
            'works' => $each($p->works),
            'pieces' => $each($p->pieces),
            'gaps' => $each($p->gaps),
            'expires' => $each($p->expires),
            'whole' => Said::line((object) [
                'end' => $p->end,
                'bound' => $p->bound,
                'complete' => $p->complete,
                'handsOn' => $p->handsOn,
                'besides' => $p->besides,
            ]),
        ]);
    }

    /**
     * @param array<mixed>          $recipe
     * @param array<string, string> $done
     */
    private static function piece(
        string $id,
        array $recipe,
        ?string $due = null,
        ?string $notBefore = null,
        array $done = [],
        ?string $place = null,
        ?DayCurve $air = null,
    ): PieceToDo {
        $read = Analysed::recipe($recipe);

        return new PieceToDo(
            id: $id,
            recipe: Recipe::of(title: "Piece $id", piece: $read->piece, steps: $read->steps),
            air: $air ?? DayCurve::steady(Analysed::context()->climate),
            notBefore: self::instant($notBefore) ?? 0,
            due: self::instant($due),
            done: array_map(static fn (string $at): int => (int) self::instant($at), $done),
            place: $place,
        );
    }

    private static function instant(?string $local): ?int
    {
        return null === $local ? null : (new \DateTimeImmutable($local, new \DateTimeZone('Europe/Berlin')))->getTimestamp();
    }

    private static function pot(string $id, ?string $until): PotAtHand
    {
        return new PotAtHand($id, ucfirst($id), self::instant($until), ['water' => BigRational::of(100)]);
    }

    /**
     * @param list<PotAtHand> $pots
     */
    private static function context(array $pots = [], bool $helper = false, ?DayCurve $place = null): Context
    {
        $usual = Analysed::context();

        return new Context(
            now: $usual->now,
            working: $usual->working,
            climate: $usual->climate,
            units: $usual->units,
            measures: [],
            vessels: [],
            drop: $usual->drop,
            tolerance: $usual->tolerance,
            pots: $pots,
            places: null === $place ? [] : ['stove' => new Place(id: 'stove', name: 'By the stove', air: $place, holds: 1)],
            helper: $helper ? WorkingTime::of('Europe/Berlin', array_fill(1, 5, [[540, 660]])) : null,
        );
    }
}
