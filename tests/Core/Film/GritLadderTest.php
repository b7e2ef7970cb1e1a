<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Film;

use Inlaid\Core\Film\GritLadder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Papers in their order; the particle sizes are those of the P scale.
 */
final class GritLadderTest extends TestCase
{
    private const PAPERS = [60, 80, 100, 120, 150, 180, 220, 240, 280, 320, 400];

    /**
     * From any paper to any other: up, without a gap, and no ladder without a gap has fewer papers.
     */
    public function testALadderIsAsShortAsItCanBeWithoutAGap(): void
    {
        foreach (self::PAPERS as $from) {
            foreach (self::PAPERS as $to) {
                if ($to < $from) {
                    continue;
                }
                $ladder = GritLadder::from($from, $to);
                self::assertSame([$from, $to], [$ladder[0], $ladder[\count($ladder) - 1]]);
                for ($i = 1; $i < \count($ladder); ++$i) {
                    self::assertGreaterThan($ladder[$i - 1], $ladder[$i]);
                    self::assertFalse(GritLadder::isGap($ladder[$i - 1], $ladder[$i]), implode(' ', $ladder));
                }
                self::assertSame($this->fewest($from, $to), \count($ladder), implode(' ', $ladder));
            }
        }
    }

    /**
     * @return iterable<string, array{int, int, bool, int}> from, to, whether that is a gap, the paper between
     */
    public static function gaps(): iterable
    {
        yield 'from 80 to 220 the particles are a third' => [80, 220, true, 120];
        yield 'from 120 to 180 they are two thirds' => [120, 180, false, 150];
        yield 'from 120 to 240 a little less than half' => [120, 240, true, 180];
        yield 'from 80 to 150 just half' => [80, 150, false, 120];
        yield 'back to a coarser one is no gap' => [220, 80, false, 80];
        yield 'nothing lies between neighbours' => [220, 240, false, 240];
    }

    #[DataProvider('gaps')]
    public function testAGapIsWhereParticlesAreLessThanHalf(int $from, int $to, bool $gap, int $between): void
    {
        self::assertSame($gap, GritLadder::isGap($from, $to));
        self::assertSame($between, GritLadder::between($from, $to));
    }

    public function testParticlesShrinkAndUnknownGritsAreThoseOfTheNearest(): void
    {
        $sizes = array_map(GritLadder::particle(...), self::PAPERS);
        $sorted = $sizes;
        rsort($sorted);
        self::assertSame($sorted, $sizes);
        self::assertSame(GritLadder::particle(220), GritLadder::particle(225));
    }

    /**
     * By breadth: which papers can be reached with one more.
     */
    private function fewest(int $from, int $to): int
    {
        $reached = [$from];
        for ($papers = 1; !\in_array($to, $reached, true); ++$papers) {
            $reached = array_values(array_filter(
                [40, 600, ...self::PAPERS],
                static fn (int $grit): bool => [] !== array_filter(
                    $reached,
                    static fn (int $r): bool => $grit > $r && !GritLadder::isGap($r, $grit),
                ),
            ));
        }

        return $papers;
    }
}
