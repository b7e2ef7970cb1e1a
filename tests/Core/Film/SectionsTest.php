<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Film;

use Inlaid\Core\Film\ShareIntoSections;
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
            $sections = (new ShareIntoSections())->share(1.7, $hands, $dwell, $open);
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
        $sections = (new ShareIntoSections())->share(0.9, 30, 0, 8);
        self::assertSame([3, 1, 8], [$sections->count, $sections->withHelper, $sections->mistEvery]);
        self::assertEqualsWithDelta(0.3, $sections->area, 1e-9);
        self::assertNull((new ShareIntoSections())->share(0.9, 30, 9, 8)->count);
        self::assertSame(
            [1, null],
            [(new ShareIntoSections())->share(0.9, 12, 0, 8)->count, (new ShareIntoSections())->share(0.9, 12, 0, 8)->mistEvery],
        );
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
