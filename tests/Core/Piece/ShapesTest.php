<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Piece;

use Inlaid\Core\Piece\InvalidPiece;
use Inlaid\Core\Piece\Shape\Face;
use Inlaid\Core\Piece\Shape\Shape;
use Inlaid\Core\Piece\Shape\Size;
use Inlaid\Core\Piece\Surface;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Areas of every shape, against numbers reckoned apart and against the surface summed strip by strip.
 */
final class ShapesTest extends TestCase
{
    use Randomly;

    /**
     * @return iterable<string, array{string, array<string, float>, array<string, float>}> shape, sizes in mm, m² by face
     */
    public static function known(): iterable
    {
        $board = ['length' => 900.0, 'width' => 450.0, 'thickness' => 22.0];
        $areas = ['face' => 0.405, 'reverse' => 0.405, 'long-edges' => 0.0396, 'short-edges' => 0.0198];
        foreach (['top', 'side', 'front', 'drawer', 'door', 'apron', 'shelf', 'back'] as $kind) {
            yield $kind => [$kind, $board, $areas];
        }
        yield 'round top' => [
            'round-top',
            ['diameter' => 350.0, 'thickness' => 28.0],
            ['face' => 0.0962113, 'reverse' => 0.0962113, 'edge' => 0.0307876],
        ];
        yield 'round leg' => ['leg-round', ['length' => 420.0, 'diameter' => 32.0], ['round' => 0.0422230, 'foot' => 0.000804248]];
        yield 'square leg' => ['leg-square', ['length' => 700.0, 'width' => 45.0, 'depth' => 40.0], ['sides' => 0.119, 'foot' => 0.0018]];
        yield 'tapered leg' => [
            'leg-tapered',
            ['length' => 700.0, 'above' => 50.0, 'below' => 28.0],
            ['sides' => 0.1092135, 'foot' => 0.000784],
        ];
        yield 'turned leg that is straight' => [
            'leg-turned',
            ['length' => 420.0, 'first' => 32.0, 'second' => 32.0, 'third' => 32.0, 'fourth' => 32.0],
            ['round' => 0.0464453, 'foot' => 0.000804248],
        ];
        yield 'turned leg' => [
            'leg-turned',
            ['length' => 420.0, 'first' => 36.0, 'second' => 48.0, 'third' => 30.0, 'fourth' => 34.0],
            ['round' => 0.0547292, 'foot' => 0.000907920],
        ];
        yield 'moulding' => ['moulding', ['run' => 2400.0, 'girth' => 55.0], ['profile' => 0.132]];
        yield 'cage' => [
            'cage',
            ['rails' => 2, 'length' => 600.0, 'width' => 45.0, 'depth' => 25.0, 'spindles' => 9, 'diameter' => 16.0, 'height' => 300.0],
            ['round' => 0.3000979],
        ];
    }

    /**
     * @param array<string, float> $sizes
     * @param array<string, float> $areas
     */
    #[DataProvider('known')]
    public function testKnownAreas(string $kind, array $sizes, array $areas): void
    {
        $shape = Given::shapes()->named($kind);
        self::assertSame(array_map(static fn (Size $s): string => $s->key, $shape->sizes()), array_keys($sizes));
        self::assertSame(array_keys($areas), array_map(static fn (Face $f): string => $f->key, $shape->faces()));
        $surface = Surface::of($shape, $sizes, array_keys($areas));
        foreach ($areas as $face => $area) {
            self::assertEqualsWithDelta($area, $surface->area([$face]), 5e-7, $face);
            self::assertNotSame('', $surface->faces[$face][1]->formula);
        }
        self::assertEqualsWithDelta(array_sum($areas), $surface->area(), 1e-6, 'the whole is its faces');
    }

    /**
     * A leg that narrows, cut into a thousand rings and into a thousand square frames.
     */
    public function testTaperedAndTurnedLegsStripByStrip(): void
    {
        $this->manyTimes(30, function (): void {
            [$l, $a, $b] = [$this->float(100, 900), $this->float(20, 80), $this->float(15, 80)];
            $slant = hypot(1.0, ($a - $b) / 2 / $l);
            $sum = 0.0;
            for ($i = 0; $i < 1000; ++$i) {
                $sum += 4 * ($a + ($b - $a) * ($i + 0.5) / 1000) * $l / 1000 * $slant;
            }
            self::assertEqualsWithDelta(
                $sum / 1e6,
                Surface::of(Given::shapes()->named('leg-tapered'), ['length' => $l, 'above' => $a, 'below' => $b], ['sides'])->area(),
                1e-9,
            );

            $d = array_map(fn (): float => $this->float(12, 70), range(1, 4));
            $sum = 0.0;
            for ($i = 0; $i < 3; ++$i) {
                $slant = hypot(1.0, ($d[$i] - $d[$i + 1]) / 2 / ($l / 3));
                for ($k = 0; $k < 500; ++$k) {
                    $sum += \M_PI * ($d[$i] + ($d[$i + 1] - $d[$i]) * ($k + 0.5) / 500) * $l / 3 / 500 * $slant;
                }
            }
            self::assertEqualsWithDelta(
                1.1 * $sum / 1e6,
                Surface::of(
                    Given::shapes()->named('leg-turned'),
                    ['length' => $l, 'first' => $d[0], 'second' => $d[1], 'third' => $d[2], 'fourth' => $d[3]],
                    ['round'],
                )->area(),
                1e-9,
            );
        });
    }

    /**
     * Twice as large in every direction is four times the area, whatever the shape.
     */
    public function testAreaGrowsWithTheSquare(): void
    {
        foreach (Given::shapes()->all() as $shape) {
            $sizes = self::usual($shape);
            $double = array_combine(
                array_keys($sizes),
                array_map(static fn (Size $s): float => $s->isCount ? $s->usual : 2 * $s->usual, $shape->sizes()),
            );
            foreach ($shape->faces() as $face) {
                self::assertEqualsWithDelta(
                    4 * $shape->measure($face->key, $sizes)->area,
                    $shape->measure($face->key, $double)->area,
                    1e-9,
                    $shape->key(),
                );
            }
            self::assertNotEmpty(
                array_filter($shape->faces(), static fn (Face $f): bool => $f->usual),
                $shape->key().' mostly has some face finished',
            );
            self::assertGreaterThan(0, $shape->outline($sizes)->width);
            self::assertGreaterThan(0, $shape->outline($sizes)->height);
        }
    }

    public function testOnlyBoardsWithBothBroadFacesHaveTwoSides(): void
    {
        $door = Surface::of(
            Given::shapes()->named('door'),
            ['length' => 600.0, 'width' => 400.0, 'thickness' => 19.0],
            ['face', 'reverse', 'long-edges'],
        );
        self::assertTrue($door->hasTwoSides(null));
        self::assertFalse($door->hasTwoSides(['face', 'long-edges']));
        self::assertFalse(
            Surface::of(Given::shapes()->named('leg-round'), ['length' => 420.0, 'diameter' => 32.0], ['round', 'foot'])->hasTwoSides(null),
        );
        self::assertFalse(Surface::free(2.0)->hasTwoSides(null));
    }

    public function testRefusesWhatCannotBe(): void
    {
        $top = Given::shapes()->named('top');
        $sizes = self::usual($top);
        foreach ([
            static fn () => Surface::free(0.0),
            static fn () => Surface::free(\NAN),
            static fn () => Surface::free(1001.0),
            static fn () => Surface::of($top, ['length' => 900.0], ['face']),
            static fn () => Surface::of($top, ['length' => 0.0] + $sizes, ['face']),
            static fn () => Surface::of($top, ['length' => 30_000.0] + $sizes, ['face']),
            static fn () => Surface::of($top, $sizes, []),
            static fn () => Surface::of($top, $sizes, ['inside']),
            static fn () => Surface::of(
                Given::shapes()->named('cage'),
                ['spindles' => 2.5] + self::usual(Given::shapes()->named('cage')),
                ['round'],
            ),
            static fn () => Given::shapes()->named('blob'),
        ] as $nonsense) {
            try {
                $nonsense();
                self::fail('Nonsense was accepted.');
            } catch (InvalidPiece $refusal) {
                self::assertNotSame('', $refusal->getMessage());
            }
        }
    }

    /**
     * @return array<string, float>
     */
    private static function usual(Shape $shape): array
    {
        return array_column(array_map(static fn (Size $s): array => [$s->key, $s->usual], $shape->sizes()), 1, 0);
    }
}
