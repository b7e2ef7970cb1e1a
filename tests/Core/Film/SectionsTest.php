<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Film;

use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Drying\PredictDrying;
use Inlaid\Core\Film\Sections;
use Inlaid\Core\Film\ShareIntoSections;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * Sections from the open time, against a hand that is followed place by place.
 */
final class SectionsTest extends TestCase
{
    use Randomly;

    /**
     * A hand lays a section and works it in the same order, beginning when the first place has been left as long as it should be, or when
     * it is done laying. No place is worked before its dwell or after its open time; in one section less, some would be.
     */
    public function testNoPlaceSetsAndOneSectionLessWouldBeTooFew(): void
    {
        $this->manyTimes(300, function (): void {
            [$hands, $open] = [$this->int(3, 240), $this->int(3, 60)];
            $dwell = $this->int(0, $open + 4);
            $sections = self::shared(1.7, $hands, $dwell, $open);
            if (null === $sections->count) {
                self::assertGreaterThan($open + 0.5, self::longestWait($hands / 500, $dwell)[1], 'not in five hundred either');

                return;
            }
            [$least, $most] = self::longestWait($hands / $sections->count, $dwell);
            self::assertGreaterThanOrEqual($dwell - 1e-6, $least);
            self::assertLessThanOrEqual($open + 0.5 + 1e-6, $most);
            self::assertEqualsWithDelta(1.7, $sections->count * $sections->area, 1e-9);
            if ($sections->count > 1) {
                self::assertGreaterThan($open + 0.5 - 1e-6, self::longestWait($hands / ($sections->count - 1), $dwell)[1]);
                self::assertSame($open, $sections->mistEvery);
            }
        });
    }

    /** 30 min of work, 20 of them laying, open for 8: three sections of 6⅔ min each; a helper behind makes one of them. */
    public function testByHand(): void
    {
        $sections = self::shared(0.9, 30, 0, 8);
        self::assertSame([3, 1, 8], [$sections->count, $sections->withHelper, $sections->mistEvery]);
        self::assertEqualsWithDelta(0.3, $sections->area, 1e-9);
        self::assertNull(self::shared(0.9, 30, 9, 8)->count);
        self::assertSame(
            [1, null],
            [self::shared(0.9, 12, 0, 8)->count, self::shared(0.9, 12, 0, 8)->mistEvery],
        );
    }

    /** Working 40 min after laying 10, open for 9: behind a helper the last place waits 30 ÷ n, alone 40 ÷ n; a dwell comes on top. */
    public function testWhereWorkingIsSlower(): void
    {
        $share = static fn (int $dwell, int $open): Sections => (new ShareIntoSections())->share(
            area: 1.0,
            lay: 10.0,
            work: 40.0,
            dwell: $dwell,
            open: $open,
        );
        self::assertSame([5, 4], [$share(0, 9)->count, $share(0, 9)->withHelper]);
        self::assertSame([6, 6], [$share(4, 9)->count, $share(4, 9)->withHelper]);
        self::assertSame([16, null], [$share(0, 2)->count, $share(0, 1)->mistEvery]);
        self::assertSame(2, $share(0, 2)->mistEvery);
        self::assertSame([12.0, 10.0, 11.0], [
            ShareIntoSections::longest(10.0, 5.0, 7.0),
            ShareIntoSections::longest(10.0, 5.0, 5.0),
            ShareIntoSections::longest(5.0, 10.0, 6.0),
        ]);
    }

    /**
     * 2 m² laid at 0.10 and wiped at 0.08 m² a minute: 20 and 25 min. Open for 15 min on its label, and for 8 at 27 °C and 35 %: two
     * sections become three; a helper makes one of them.
     */
    public function testWarmDryAirMakesMoreSections(): void
    {
        $handling = Given::paint(open: 15)->handling;
        $sections = static function (Climate $climate) use ($handling): Sections {
            $open = (new PredictDrying())->predict($handling, $climate)->openTime->planned ?? self::fail('It is open for some time.');

            return (new ShareIntoSections())->share(area: 2.0, lay: 2.0 / 0.10, work: 2.0 / 0.08, dwell: 0, open: $open);
        };
        [$usual, $warm] = [$sections(Climate::reference()), $sections(Climate::of(27, 35))];
        self::assertSame([2, 1], [$usual->count, $usual->withHelper]);
        self::assertSame([3, 1], [$warm->count, $warm->withHelper]);
        self::assertSame([15, 8], [$usual->mistEvery, $warm->mistEvery]);
    }

    private static function shared(float $area, int $hands, int $dwell, int $open): Sections
    {
        return (new ShareIntoSections())->share(area: $area, lay: $hands * 2 / 3, work: $hands / 3, dwell: $dwell, open: $open);
    }

    /**
     * @return array{float, float} the shortest and the longest that a place waits, min
     */
    private static function longestWait(float $hands, float $dwell): array
    {
        [$lay, $work] = [$hands * 2 / 3, $hands / 3];
        $waits = static fn (float $begin): array => array_map(
            static fn (int $i): float => $begin + $i / 200 * $work - $i / 200 * $lay,
            range(0, 200),
        );
        $begin = $lay;
        while (min($waits($begin)) < $dwell - 1e-9) {
            $begin += $dwell - min($waits($begin));
        }

        return [min($waits($begin)), max($waits($begin))];
    }
}
