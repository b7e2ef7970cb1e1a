<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Run;

use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Drying\DayCurve;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Run\CareSheet;
use Inlaid\Core\Run\Event;
use Inlaid\Core\Run\EventKind;
use Inlaid\Core\Run\FoldRun;
use Inlaid\Core\Run\WriteCare;
use Inlaid\Core\Schedule\PieceToDo;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Made;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What a client is told of a finish that was just made.
 */
final class CareTest extends TestCase
{
    private const LAID = 1_764_061_200; // 25 November 2025, 09:00 UTC
    private const HOUR = 3600;

    /**
     * The paint of the morning and the coat of the next day, each with its own days: dry through 8 and 24 hours after it was laid, cured
     * after 21 and 30 days, in the air of the label; gently used until the last has cured.
     */
    public function testEachFilmIsToldAndTheLastEndsIt(): void
    {
        $sheet = $this->sheet([
            Made::step('paint', 'brushed', Given::paint(), 2, wait: WaitUntil::Overnight),
            Made::step('coat', 'brushed', self::coat(), for: Purpose::Functional, wait: WaitUntil::Through),
        ], ['paint' => [0, 1], 'coat' => [24]]);
        self::assertSame(['Paint', 'Coat'], array_column($sheet->cures, 'name'));
        self::assertSame(['2025-11-25T10:00:00+00:00', '2025-11-26T09:00:00+00:00'], array_column($sheet->cures, 'laid'), 'its last coat');
        self::assertSame('2025-11-25T18:00:00+00:00', $sheet->cures[0]->dry);
        self::assertSame('2025-11-27T09:00:00+00:00', $sheet->cures[1]->dry);
        self::assertSame('2025-12-16T10:00:00+00:00', $sheet->cures[0]->cured);
        self::assertSame('2025-12-26T09:00:00+00:00', $sheet->until);
        self::assertSame($sheet->until, $sheet->cures[1]->cured);
        self::assertStringContainsString('damp cloth and a drop of mild soap', $sheet->care[0], 'the clear coat lies uppermost');
        self::assertSame('The label takes priority.', $sheet->care[\count($sheet->care) - 1]);
    }

    /** It is cared for as what lies uppermost over all of it asks; a resist that is taken off again and what was not done count nothing. */
    #[DataProvider('uppermost')]
    public function testItIsCaredForByWhatLiesUppermost(Step $last, string $care): void
    {
        $sheet = $this->sheet([Made::step('paint', 'brushed', Given::paint()), $last], ['paint' => [0], $last->id => [24]]);
        self::assertStringContainsString($care, implode(' ', $sheet->care));
        self::assertNotSame([], $sheet->gentle);
        $undone = $this->sheet([Made::step('paint', 'brushed', Given::paint()), $last], ['paint' => [0]]);
        self::assertStringContainsString('the paint has no clear coat', implode(' ', $undone->care));
        self::assertSame(['Paint'], array_column($undone->cures, 'name'));
    }

    /**
     * @return iterable<string, array{Step, string}>
     */
    public static function uppermost(): iterable
    {
        yield 'wax' => [Made::step('wax', 'waxed', self::of('wax', MaterialKind::Wax, Carrier::Solvent)), 'Nothing hot: wax melts.'];
        yield 'oil' => [Made::step('oil', 'oiled-wiped', self::of('oil', MaterialKind::Oil, Carrier::Oil)), 'can self-heat and catch fire'];
        yield 'clear coat' => [Made::step('coat', 'brushed', self::coat()), 'No scouring powder'];
        yield 'paint' => [Made::step('more', 'brushed', Given::paint('more')), 'the paint has no clear coat'];
        yield 'a little gold in places' => [
            Made::step('gold', 'dry-brushed', Given::paint('gold', colour: '#b59a58'), for: Purpose::Edges),
            'the paint has no clear coat',
        ];
        yield 'sanded' => [Made::step('sand', 'sanded', for: Purpose::Functional), 'the paint has no clear coat'];
    }

    /** Nothing laid, nothing promised: and what never cures in its air ends on no day. */
    public function testNothingIsPromisedThatNobodyKnows(): void
    {
        $none = $this->sheet([Made::step('paint', 'brushed', Given::paint())], []);
        self::assertSame([null, []], [$none->until, $none->cures]);
        self::assertSame('No coat covers the whole piece yet.', $none->care[0]);
        $cold = $this->sheet([Made::step('paint', 'brushed', Given::paint())], ['paint' => [0]], Climate::of(4.0, 60.0));
        self::assertNull($cold->until, 'too cold for it');
        self::assertSame([null, null], [$cold->cures[0]->dry, $cold->cures[0]->cured]);
    }

    /**
     * @param list<Step>               $steps
     * @param array<string, list<int>> $done  hours after which each of its coats was laid
     */
    private function sheet(array $steps, array $done, ?Climate $air = null): CareSheet
    {
        $recipe = Made::recipe($steps);
        $events = [];
        foreach ($done as $step => $hours) {
            foreach ($hours as $i => $hour) {
                $events[] = Event::of("$step-$i", self::LAID + $hour * self::HOUR, EventKind::Finished, $step, $i + 1);
            }
        }
        $context = Given::context(now: self::LAID);

        return (new WriteCare())->write(
            new PieceToDo(id: 'job', recipe: $recipe, air: DayCurve::steady($air ?? Climate::reference()), notBefore: 0),
            Made::works($recipe, $context),
            (new FoldRun())->fold($events),
            $context,
        );
    }

    private static function coat(): Material
    {
        return self::of('coat', MaterialKind::Topcoat, Carrier::Water);
    }

    private static function of(string $id, MaterialKind $kind, Carrier $carrier): Material
    {
        return Made::material($id, $kind, $carrier);
    }
}
