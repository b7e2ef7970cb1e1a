<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Layout;

use Inlaid\Core\Layout\Block;
use Inlaid\Core\Layout\Cut;
use Inlaid\Core\Layout\CutSheets;
use Inlaid\Core\Layout\InvalidLayout;
use Inlaid\Core\Layout\Kind\Border;
use Inlaid\Core\Layout\Kind\Motifs;
use Inlaid\Core\Layout\Kind\Sheets;
use Inlaid\Core\Layout\Kind\Stripes;
use Inlaid\Core\Layout\Layout;
use Inlaid\Core\Layout\Plane;
use Inlaid\Core\Layout\Seams;
use Inlaid\Core\Layout\Share;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Stripes, borders, motifs and sheets, to the millimetre: against numbers reckoned by hand, and what must hold of all of them.
 */
final class LayoutTest extends TestCase
{
    use Randomly;

    /**
     * @return iterable<string, array{Layout, Plane, list<string>, list<float>, float, float}>
     */
    public static function byHand(): iterable
    {
        $face = Plane::of(600, 400);
        // 600 = 8 × 40 + 7 × 40: eight stripes exactly, taped on 14 edges of 400 mm.
        yield 'stripes that go exactly' => [
            Stripes::of(40, 40, false, Share::EndsWhole),
            $face,
            ['8 stripes of 40 mm, 40 mm apart'],
            [40, 80, 120, 160, 200, 240, 280, 320, 360, 400, 440, 480, 520, 560],
            14 * 0.4,
            320 / 600,
        ];
        // (600 − 6 × 50) ÷ 7 = 42.857 against (600 − 7 × 50) ÷ 8 = 31.25; wanted 40.
        yield 'gaps at both ends' => [
            Stripes::of(50, 40, false, Share::EndsInGaps),
            $face,
            ['6 stripes of 50 mm, 42.9 mm apart'],
            [
                300 / 7,
                300 / 7 + 50,
                600 / 7 + 50,
                600 / 7 + 100,
                900 / 7 + 100,
                900 / 7 + 150,
                1200 / 7 + 150,
                1200 / 7 + 200,
                1500 / 7 + 200,
                1500 / 7 + 250,
                1800 / 7 + 250,
                1800 / 7 + 300,
            ],
            12 * 0.4,
            0.5,
        ];
        // Along the length, shared out over 400: the middle one 175 to 225, then every 130; the outer ones 45 to 95 and 305 to 355.
        yield 'one in the middle, along' => [
            Stripes::of(50, 80, true, Share::OneInTheMiddle),
            $face,
            ['3 stripes of 50 mm, 80 mm apart'],
            [],
            6 * 0.6,
            150 / 400,
        ];
        // Over 400: stripes at 140 to 180 and 220 to 260, 60 to 100, 300 to 340, −20 to 20 cut to 20, 380 to 420 cut to 20.
        yield 'a gap in the middle, cut at the ends' => [
            Stripes::of(40, 40, true, Share::GapInTheMiddle),
            $face,
            ['6 stripes of 40 mm, 40 mm apart', 'those at the ends cut to 20 mm and 20 mm'],
            [],
            10 * 0.6,
            200 / 400,
        ];
        // Outer 560 × 360, inner 548 × 348: 2 × 920 + 2 × 896 mm of tape; 201600 − 190704 mm² painted.
        yield 'a border' => [
            Border::of([[20.0, 6.0]]),
            $face,
            ['a line of 6 mm round 560 × 360 mm'],
            [20, 26, 574, 580],
            3.632,
            10896 / 240000,
        ];
        yield 'a border on the very edge' => [
            Border::of([[0.0, 10.0]]),
            $face,
            ['a line of 10 mm round 600 × 400 mm'],
            [10, 590],
            1.92,
            (240000 - 580 * 380) / 240000,
        ];
        // 5 × 100 + 6 × 16.67 = 600, rows 2 × 80 + 16.7 … : two rows in the middle of 400.
        yield 'motifs' => [
            Motifs::of(100, 80, 20, 2, 0.3, Share::EndsInGaps),
            $face,
            ['5 × 2, 16.7 mm apart along the length and 20 mm across', '10 whole'],
            [100 / 6 + 50, 200 / 6 + 150, 300 / 6 + 250, 400 / 6 + 350, 500 / 6 + 450],
            0.0,
            0.3 * 10 * 8000 / 240000,
        ];
        // 600 = 3 × 200 exactly leaves none for laps: (600 − 5) ÷ 195 = 3.05, so four; the outer two (600 + 15 − 400) ÷ 2 = 107.5.
        yield 'sheets, balanced' => [
            Sheets::of(200, 450, 5, null, true, Seams::Balanced),
            $face,
            ['4 × 1 sheets', 'the narrowest 107.5 × 400 mm'],
            [102.5, 297.5, 492.5],
            0.0,
            1.0,
        ];
        yield 'sheets from one end' => [
            Sheets::of(200, 450, 5, null, true, Seams::FromOneEnd),
            $face,
            ['4 × 1 sheets', 'the narrowest 15 × 400 mm'],
            [195, 390, 585],
            0.0,
            1.0,
        ];
        // A repeat of 90 on a sheet of 200: two repeats serve, so a seam every 180.
        yield 'sheets with a pattern' => [
            Sheets::of(200, 450, 5, 90, true, Seams::Balanced),
            $face,
            ['4 × 1 sheets', 'the narrowest 60 × 400 mm'],
            [180, 360, 540],
            0.0,
            1.0,
        ];
    }

    /**
     * @param list<string> $says
     * @param list<float>  $along
     */
    #[DataProvider('byHand')]
    public function testByHand(Layout $layout, Plane $face, array $says, array $along, float $tape, float $covers): void
    {
        $laid = $layout->on($face);
        self::assertSame($says, $laid->says);
        self::assertEqualsWithDelta($along, $laid->along, 1e-9);
        self::assertEqualsWithDelta([$tape, $covers], [$laid->tape, $laid->covers], 1e-9);
    }

    /**
     * Whatever is laid out: it lies on the face, nothing over another (sheets by their lap), its share is its area, and turned by a quarter
     * it is the same turned. What is shared out with gaps is the same from both ends.
     */
    public function testItLiesOnTheFace(): void
    {
        $this->manyTimes(300, function (): void {
            $face = Plane::of($this->float(200, 2000), $this->float(200, 2000));
            $share = Share::cases()[$this->int(0, 3)];
            $along = 1 === $this->int(0, 1);
            $layout = match ($kind = $this->int(0, 3)) {
                0 => Stripes::of($this->float(5, 90), $this->float(5, 90), $along, $share),
                1 => Border::of([
                    [$in = $this->float(0, 30), $wide = $this->float(1, 20)],
                    [$in + $wide + $this->float(1, 20), $this->float(1, 20)],
                ]),
                2 => Motifs::of($this->float(10, 90), $this->float(10, 90), $this->float(0, 60), null, 1.0, $share),
                default => Sheets::of(
                    $this->float(100, 900),
                    $this->float(100, 900),
                    $this->float(0, 20),
                    null,
                    $along,
                    Seams::cases()[$this->int(0, 1)],
                ),
            };
            $laid = $layout->on($face);
            $turned = match (true) {
                $layout instanceof Stripes => Stripes::of($layout->width, $layout->gap, !$layout->alongLength, $layout->share),
                $layout instanceof Sheets => Sheets::of(
                    $layout->length,
                    $layout->width,
                    $layout->lap,
                    null,
                    !$layout->alongLength,
                    $layout->seams,
                ),
                $layout instanceof Motifs => Motifs::of($layout->width, $layout->length, $layout->gap, null, 1.0, $share),
                default => $layout,
            };
            $there = $turned->on($face->turned())->turned();
            self::assertEqualsWithDelta([$laid->along, $laid->across, $laid->tape], [$there->along, $there->across, $there->tape], 1e-6);
            $area = 0.0;
            foreach ($laid->blocks as $b) {
                self::assertGreaterThanOrEqual(-1e-6, min($b->x, $b->y, $b->length, $b->width));
                self::assertLessThanOrEqual($face->length + 1e-6, $b->x + $b->length);
                self::assertLessThanOrEqual($face->width + 1e-6, $b->y + $b->width);
                $area += $b->area();
            }
            foreach ($laid->cuts as $cut) {
                self::assertTrue(
                    $layout instanceof Sheets && $cut->length <= $layout->length + 1e-6 && $cut->width <= $layout->width + 1e-6,
                    'a cut comes of a sheet',
                );
            }
            if (3 !== $kind) {
                self::assertEqualsWithDelta($laid->covers, $area / ($face->length * $face->width), 1e-9);
                self::assertSame(0, $this->overlaps($laid->blocks, 1e-6));
            } else {
                self::assertGreaterThanOrEqual($face->length * $face->width - 1e-3, $area, 'the whole face is covered');
            }
            if (!$layout instanceof Sheets || Seams::Balanced === $layout->seams) {
                $mirrored = array_map(
                    static fn (Block $b): array => [round($face->length - $b->x - $b->length, 5), round($b->length, 5)],
                    $laid->blocks,
                );
                $straight = array_map(static fn (Block $b): array => [round($b->x, 5), round($b->length, 5)], $laid->blocks);
                sort($mirrored);
                sort($straight);
                self::assertEqualsWithDelta($straight, $mirrored, 1e-4, 'the same from both ends');
            }
        });
    }

    /**
     * Of all numbers of whole ones, the one whose gaps come nearest to what is wanted: tried one by one.
     */
    public function testTheNearestGaps(): void
    {
        $this->manyTimes(300, function (): void {
            [$length, $each, $gap] = [$this->float(100, 2000), $this->float(5, 80), $this->float(0, 80)];
            foreach ([[Share::EndsWhole, -1, 2], [Share::EndsInGaps, 1, 1]] as [$share, $more, $least]) {
                $nearest = \INF;
                for ($n = $least; $n * $each <= $length; ++$n) {
                    $nearest = min($nearest, abs(($length - $n * $each) / ($n + $more) - $gap));
                }
                if (is_finite($nearest)) {
                    self::assertEqualsWithDelta($nearest, abs($share->out($length, $each, $gap)->gap - $gap), 1e-6);
                }
            }
        });
    }

    /**
     * Every cut comes of a sheet, what is over comes to the same area, and no fewer sheets could do; where every cut is half a sheet the
     * bound is met.
     */
    public function testSheetsAreCut(): void
    {
        $this->manyTimes(200, function (): void {
            $cuts = array_map(fn (): Cut => new Cut($this->float(50, 700), $this->float(50, 500)), range(1, $this->int(1, 12)));
            $cut = (new CutSheets())->cut($cuts, 700, 500);
            $area = static fn (Cut ...$of): float => array_sum(array_map(static fn (Cut $c): float => $c->length * $c->width, $of));
            self::assertGreaterThanOrEqual($cut->atLeast, $cut->sheets);
            self::assertLessThanOrEqual(\count($cuts), $cut->sheets);
            self::assertLessThanOrEqual($cut->sheets * 350_000 + 1e-3, $area(...$cuts) + $area(...$cut->offcuts));
        });
        $halves = (new CutSheets())->cut(array_fill(0, 7, new Cut(350, 500)), 700, 500);
        self::assertSame([4, 4, 1], [$halves->sheets, $halves->atLeast, \count($halves->offcuts)]);
        // Two door panels of 600 × 400 from sheets of 700 × 500 leave strips of 100 × 500 (or 600 × 100); a lath of 90 × 480 comes of one
        // of them.
        $doors = (new CutSheets())->cut([new Cut(600, 400), new Cut(90, 480), new Cut(600, 400)], 700, 500);
        self::assertSame(2, $doors->sheets);
    }

    public function testNonsenseIsRefused(): void
    {
        foreach ([
            [static fn () => Stripes::of(0.2, 10, true, Share::EndsWhole), 'between 1 and 5000 mm'],
            [
                static fn () => Stripes::of(500, 10, false, Share::OneInTheMiddle)->on(Plane::of(400, 300)),
                'One of them needs 500 mm; there are only 400 mm',
            ],
            [static fn () => Stripes::of(300, 10, false, Share::EndsWhole)->on(Plane::of(400, 300)), 'Two of them need 600 mm'],
            [static fn () => Border::of([]), 'from 1 to 6'],
            [static fn () => Border::of([[10.0, 5.0], [12.0, 3.0]]), 'overlap'],
            [static fn () => Border::of([[180.0, 30.0]])->on(Plane::of(600, 400)), 'The border needs 420 mm'],
            [static fn () => Motifs::of(50, 60, 10, 9, 0.3, Share::EndsWhole)->on(Plane::of(600, 400)), '9 rows need 620 mm'],
            [static fn () => Motifs::of(50, 60, 10, null, 0.0, Share::EndsWhole), 'above 0'],
            [static fn () => Sheets::of(200, 100, 60, null, true, Seams::Balanced), 'at most half a sheet'],
            [static fn () => Sheets::of(200, 150, 5, 300, true, Seams::Balanced), 'between 1 mm and the length'],
            [static fn () => (new CutSheets())->cut([new Cut(800, 100)], 700, 500), 'A cut needs 800 mm; there are only 700 mm.'],
        ] as [$make, $says]) {
            try {
                $make();
                self::fail("Refused: $says");
            } catch (InvalidLayout $refused) {
                self::assertStringContainsString($says, $refused->getMessage());
            }
        }
    }

    /**
     * @param list<Block> $blocks
     */
    private function overlaps(array $blocks, float $by): int
    {
        $count = 0;
        foreach (\array_slice($blocks, 0, 30) as $i => $a) {
            foreach (\array_slice($blocks, 0, $i) as $b) {
                $count += min($a->x + $a->length, $b->x + $b->length) - max($a->x, $b->x) > $by
                    && min($a->y + $a->width, $b->y + $b->width) - max($a->y, $b->y) > $by
                    ? 1
                    : 0;
            }
        }

        return $count;
    }
}
