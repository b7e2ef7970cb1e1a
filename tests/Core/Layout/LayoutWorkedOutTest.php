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
use Inlaid\Core\Layout\Millimetres;
use Inlaid\Core\Layout\Plane;
use Inlaid\Core\Layout\RestOfSheet;
use Inlaid\Core\Layout\Seams;
use Inlaid\Core\Layout\Share;
use Inlaid\Tests\Core\Bounds;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Layouts block by block as layouts.yaml has them, what is left of a sheet, and how far every size may go.
 */
final class LayoutWorkedOutTest extends TestCase
{
    use Bounds;

    /**
     * @return iterable<string, array{Layout}>
     */
    public static function layouts(): iterable
    {
        foreach (Share::cases() as $share) {
            yield 'stripes, '.$share->value => [Stripes::of(70, 50, false, $share)];
            yield 'stripes along, '.$share->value => [Stripes::of(70, 50, true, $share)];
            yield 'motifs, '.$share->value => [Motifs::of(110, 90, 15, null, 0.4, $share)];
        }
        yield 'a single stripe' => [Stripes::of(250, 900, false, Share::OneInTheMiddle)];
        yield 'a row of motifs' => [Motifs::of(110, 90, 15, 1, 1.0, Share::EndsInGaps)];
        yield 'rows that just fit' => [Motifs::of(110, 85, 15, 4, 0.4, Share::EndsInGaps)];
        yield 'two lines side by side' => [Border::of([[20.0, 6.0], [26.0, 2.0]])];
        yield 'a border that meets in the middle' => [Border::of([[0.0, 2.0], [190.0, 5.0]])];
        foreach (Seams::cases() as $seams) {
            yield 'sheets, '.$seams->value => [Sheets::of(250, 180, 10, null, true, $seams)];
            yield 'sheets across with a pattern, '.$seams->value => [Sheets::of(250, 180, 10, 64, false, $seams, open: 0.3)];
        }
        yield 'one sheet' => [Sheets::of(600, 390, 10, null, true, Seams::Balanced)];
        yield 'sheets that go exactly' => [Sheets::of(200, 390, 0, null, true, Seams::Balanced)];
        yield 'half sheets over one another' => [Sheets::of(400, 300, 150, null, true, Seams::FromOneEnd)];
    }

    #[DataProvider('layouts')]
    public function testOnAFace(Layout $layout): void
    {
        $laid = $layout->on(Plane::of(600, 390))->rounded();
        Said::assertSame(__DIR__.'/layouts.yaml', (string) $this->dataName(), [
            'is' => $layout->kind()->value.': '.$layout->inWords(),
            'says' => implode('; ', $laid->says),
            'along' => implode(', ', $laid->along),
            'across' => implode(', ', $laid->across),
            'tape' => $laid->tape,
            'covers' => $laid->covers,
            'blocks' => array_map(
                static fn (Block $b): string => implode(' ', [$b->x, $b->y, $b->length, $b->width, ...($b->whole ? [] : ['cut'])]),
                $laid->blocks,
            ),
            'cuts' => implode(', ', array_map(static fn (Cut $c): string => "$c->length × $c->width", $laid->cuts)),
        ]);
    }

    /** Each way of cutting the rest, by hand: of 700 × 500 once 400 × 300 is taken from its corner. */
    public function testTheRestOfASheet(): void
    {
        $rest = static fn (RestOfSheet $way, float $l, float $w): array => array_map(
            static fn (Cut $c): array => [$c->length, $c->width],
            $way->cut(new Cut(700, 500), new Cut($l, $w)),
        );
        self::assertSame([[300.0, 300.0], [700.0, 200.0]], $rest(RestOfSheet::AlongFirst, 400, 300));
        self::assertSame([[300.0, 500.0], [400.0, 200.0]], $rest(RestOfSheet::AcrossFirst, 400, 300));
        self::assertSame([[300.0, 500.0], [400.0, 200.0]], $rest(RestOfSheet::LargestPiece, 400, 300), '150,000 mm² against 140,000');
        self::assertSame([[100.0, 100.0], [700.0, 400.0]], $rest(RestOfSheet::LargestPiece, 600, 100));
        self::assertSame([[700.0, 200.0]], $rest(RestOfSheet::AlongFirst, 700, 300), 'nothing beside it');
        self::assertSame([[300.0, 500.0]], $rest(RestOfSheet::AcrossFirst, 400, 500), 'nothing below it');
        self::assertSame([], $rest(RestOfSheet::LargestPiece, 700, 500));
    }

    /** What is kept is 40 mm wide at least, the largest first; the least number of sheets is that of the areas. */
    public function testWhatIsKeptOfSheets(): void
    {
        $cut = static function (array $cuts): array {
            $sheets = (new CutSheets())->cut(array_values(array_map(static fn (array $c): Cut => new Cut(...$c), $cuts)), 700, 500);

            return [$sheets->sheets, $sheets->atLeast, array_map(static fn (Cut $c): string => "$c->length × $c->width", $sheets->offcuts)];
        };
        self::assertSame([0, 0, []], $cut([]));
        self::assertSame([1, 1, []], $cut([[700, 500]]));
        self::assertSame([1, 1, ['40 × 500']], $cut([[660, 500]]));
        self::assertSame([1, 1, []], $cut([[661, 500]]), 'a strip of 39 mm is waste');
        self::assertSame([1, 1, ['700 × 100']], $cut([[400, 400], [300, 400]]));
        self::assertSame([2, 2, ['300 × 500', '300 × 500']], $cut([[400, 500], [400, 500]]));
        self::assertSame([1, 1, []], $cut([[350, 250], [350, 250], [350, 250], [350, 250]]));
        self::assertSame([2, 2, ['350 × 500', '350 × 250']], $cut(array_fill(0, 5, [350, 250])));
        // From the smallest left-over it fits: the strip beside the door, not the new sheet's half.
        self::assertSame([2, 2, ['350 × 500', '600 × 100']], $cut([[600, 400], [350, 500], [90, 480]]));
    }

    public function testHowFarSizesGo(): void
    {
        $stripe = 'A stripe or gap must be between 1 and 5000 mm wide.';
        self::assertBounds(static fn (float $v) => Stripes::of($v, 10, true, Share::EndsWhole), 1.0, 5000.0, 0.001, $stripe);
        self::assertBounds(static fn (float $v) => Stripes::of(10, $v, true, Share::EndsWhole), 1.0, 5000.0, 0.001, $stripe);
        $line = 'A line must be at least ½ mm wide and up to 5000 mm from the edge.';
        self::assertBounds(static fn (float $v) => Border::of([[0.0, $v]]), 0.5, 5000.0, 0.001, $line);
        self::assertBounds(static fn (float $v) => Border::of([[$v, 10.0]]), 0.0, 4990.0, 0.001, $line);
        self::assertNull(self::refusal(static fn () => Border::of(array_map(static fn (int $i): array => [10.0 * $i, 5.0], range(1, 6)))));
        self::assertSame(
            'The lines of a border must be from 1 to 6.',
            self::refusal(static fn () => Border::of(array_map(static fn (int $i): array => [10.0 * $i, 5.0], range(1, 7)))),
        );
        $border = Border::of([[30.0, 20.0]]);
        self::assertNull(self::refusal(static fn () => $border->on(Plane::of(100, 200))));
        self::assertSame(
            'The border needs 100 mm; there are only 99.5 mm.',
            self::refusal(static fn () => $border->on(Plane::of(300, 99.5))),
        );
        $motif = static fn (float $l = 50, float $w = 50, float $gap = 5, ?int $rows = null, float $open = 0.5): Motifs => Motifs::of(
            $l,
            $w,
            $gap,
            $rows,
            $open,
            Share::EndsWhole,
        );
        $stencil = 'A stencil must be between 2 and 5000 mm long and wide.';
        self::assertBounds(static fn (float $v) => $motif(l: $v), 2.0, 5000.0, 0.001, $stencil);
        self::assertBounds(static fn (float $v) => $motif(w: $v), 2.0, 5000.0, 0.001, $stencil);
        self::assertBounds(static fn (float $v) => $motif(gap: $v), 0.0, 5000.0, 0.001, 'A gap must be between 0 and 5000 mm.');
        self::assertBounds(static fn (float $v) => $motif(rows: (int) $v), 1.0, 200.0, 1.0, 'Rows must be between 1 and 200.');
        $open = 'Open area of a stencil must be above 0 % and up to 100 %.';
        self::assertBounds(static fn (float $v) => $motif(open: $v), 1e-9, 1.0, 1e-9, $open);
        $sheet = static fn (
            float $l = 200,
            float $w = 100,
            float $lap = 5,
            ?float $repeat = null,
            float $thick = 100,
            float $open = 0,
        ): Sheets => Sheets::of(
            $l,
            $w,
            $lap,
            $repeat,
            true,
            Seams::Balanced,
            $thick,
            null,
            $open,
        );
        $size = 'A sheet must be between 20 and 20000 mm long and wide.';
        self::assertBounds(static fn (float $v) => $sheet(l: $v), 20.0, 20_000.0, 0.001, $size);
        self::assertBounds(static fn (float $v) => $sheet(w: $v), 20.0, 20_000.0, 0.001, $size);
        self::assertBounds(static fn (float $v) => $sheet(lap: $v), 0.0, 50.0, 0.001, 'An overlap must be at most half a sheet.');
        $repeat = 'A pattern repeat must be between 1 mm and the length of a sheet.';
        self::assertBounds(static fn (float $v) => $sheet(repeat: $v), 1.0, 200.0, 0.001, $repeat);
        self::assertBounds(
            static fn (float $v) => $sheet(thick: $v),
            0.0,
            2000.0,
            0.001,
            'The thickness of a sheet must be at most 2000 µm.',
        );
        self::assertBounds(
            static fn (float $v) => $sheet(open: $v),
            0.0,
            0.98,
            0.001,
            'The open share of a sheet must be between 0 and 98 %.',
        );
        $face = 'A face must be between 0 and 100000 mm long and wide.';
        self::assertBounds(static fn (float $v) => Plane::of($v, 100), 1e-9, 100_000.0, 1e-9, $face);
        self::assertBounds(static fn (float $v) => Plane::of(100, $v), 1e-9, 100_000.0, 1e-9, $face);
        self::assertSame(
            'Pattern repeat plus overlap must be within the length of a sheet.',
            self::refusal(static fn () => $sheet(repeat: 200)->on(Plane::of(300, 300))),
        );
        self::assertNull(self::refusal(static fn () => $sheet(repeat: 195)->on(Plane::of(300, 300))));
        self::assertInstanceOf(InvalidLayout::class, InvalidLayout::linesMeet());
        self::assertSame(['12', '12.1', '0.1', '0'], array_map(Millimetres::plain(...), [12.04, 12.05, 0.06, 0.04]));
    }
}
