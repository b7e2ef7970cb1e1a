<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Piece;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Material\Bleed;
use Inlaid\Core\Piece\Field;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Shape\Face;
use Inlaid\Core\Piece\Shape\Shape;
use Inlaid\Core\Piece\Shape\Size;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Tests\Core\Bounds;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What a shape asks for, and what its faces measure; what cannot be is refused.
 */
final class ShapesTest extends TestCase
{
    use Bounds;

    /**
     * @return iterable<string, array{Shape}>
     */
    public static function shapes(): iterable
    {
        foreach (Given::shapes()->all() as $shape) {
            yield $shape->key() => [$shape];
        }
    }

    /** In its usual sizes: each face with its area, its formula, its edges and recesses, and how slowly it is worked. */
    #[DataProvider('shapes')]
    public function testAShapeMeasuresAsItDid(Shape $shape): void
    {
        $sizes = array_column(array_map(static fn (Size $s): array => [$s->key, (float) $s->usual], $shape->sizes()), 1, 0);
        $surface = Surface::of($shape, $sizes, array_map(static fn (Face $f): string => $f->key, $shape->faces()));
        Said::assertSame(__DIR__.'/shapes.yaml', $shape->key(), [
            'name' => $shape->name(),
            'sizes' => array_map(static fn (Size $s): string => Said::line($s), $shape->sizes()),
            'faces' => array_map(
                static fn (array $f): string => Said::line((object) ['face' => $f[0], 'measured' => $f[1]]),
                array_values($surface->faces),
            ),
            'surface' => Said::line((object) [
                'level' => $surface->level->name,
                'border' => $surface->border,
                'outline' => $surface->outline,
                'sides' => array_map($surface->sideOf(...), array_keys($surface->faces)),
                'turned' => $surface->hasTwoSides(null),
            ]),
        ]);
        // Twice as long, wide and thick: four times the area, and twice the metres of edge.
        $doubled = Surface::of(
            $shape,
            array_map(
                static fn (Size $s): float => (float) $s->usual * ($s->isCount ? 1 : 2),
                array_column(array_map(static fn (Size $s): array => [$s->key, $s], $shape->sizes()), 1, 0),
            ),
            array_keys($surface->faces),
        );
        self::assertEqualsWithDelta(4 * $surface->area(), $doubled->area(), 1e-9);
        self::assertEqualsWithDelta(2 * $surface->border, $doubled->border, 1e-9);
        foreach ($surface->faces as $key => [, $measured]) {
            self::assertEqualsWithDelta(2 * $measured->edges, $doubled->faces[$key][1]->edges, 1e-9);
        }
    }

    /**
     * @return iterable<string, array{\Closure(float): mixed, ?float, ?float, float, string}>
     */
    public static function figures(): iterable
    {
        $door = Given::shapes()->named('door');
        $of = static fn (float $length): Surface => Surface::of(
            $door,
            ['length' => $length, 'width' => 400.0, 'thickness' => 20.0],
            ['face'],
        );
        $cage = Given::shapes()->named('cage');
        $usual = array_column(array_map(static fn (Size $s): array => [$s->key, (float) $s->usual], $cage->sizes()), 1, 0);
        $wood = static fn (?float $veneer = null, ?float $moves = null): Substrate => Substrate::of(
            SubstrateKind::Veneer,
            'oak',
            Grain::Open,
            Colour::of('#c8a06a'),
            $veneer,
            [],
            $moves,
        );
        yield 'length' => [$of, 1.0, 20_000.0, 0.5, 'Length must be between 1 and 20000 mm.'];
        yield 'spindles' => [
            static fn (float $n) => Surface::of($cage, ['spindles' => $n] + $usual, ['round']),
            0,
            500,
            1,
            'Spindles must be a whole number up to 500.',
        ];
        yield 'area' => [
            static fn (float $a) => Surface::free($a),
            0.000001,
            1000.0,
            0.000001,
            'An area must be above 0 and up to 1000 m².',
        ];
        yield 'veneer' => [static fn (float $x) => $wood($x), 0.1, 6.0, 0.01, 'The thickness of a veneer must be between 0.1 and 6 mm.'];
        yield 'moves' => [
            static fn (float $x) => $wood(null, $x),
            0.0,
            0.6,
            0.01,
            'Swelling across the grain must be between 0 and 0.6 % for each % of moisture.',
        ];
    }

    /**
     * @param \Closure(float): mixed $make
     */
    #[DataProvider('figures')]
    public function testASizeThatCannotBeIsRefused(\Closure $make, ?float $least, ?float $most, float $beyond, string $says): void
    {
        self::assertBounds($make, $least, $most, $beyond, $says);
    }

    /** A face with a repair: what is left of it, and what is refused. */
    public function testFieldsDivideAFace(): void
    {
        $field = static fn (string $id, float $share, ?string $face = null): Field => Field::of($id, ucfirst($id), $share, $face);
        $surface = Surface::free(2.0)->divided([$field('hole', 0.1), $field('burn', 0.2)]);
        self::assertEqualsWithDelta(
            [1.4, 0.2, 0.4],
            array_map(static fn (array $f): float => $f[1]->area, array_values($surface->faces)),
            1e-9,
        );
        self::assertSame(['whole', 'whole.hole', 'whole.burn'], $surface->names());
        self::assertEqualsWithDelta(2.0, $surface->area(), 1e-9);
        $all = Surface::free(2.0)->divided([$field('all', 1.0)]);
        self::assertSame(['whole.all', 'whole'], $all->names(), 'nothing is left beside it, and the face can still be named');
        self::assertSame(['whole', 'whole'], array_map(Surface::faceOf(...), ['whole', 'whole.all']));
        $refused = array_map(self::refusal(...), [
            static fn () => Surface::free(2.0)->divided([$field('a', 0.6), $field('b', 0.5)]),
            static fn () => Surface::free(2.0)->divided([$field('a', 0.6), $field('a', 0.1)]),
            static fn () => Surface::free(2.0)->divided([$field('a', 0.6, 'back')]),
        ]);
        Said::assertSame(__DIR__.'/shapes.yaml', 'fields refused', $refused);
    }

    /** How thirsty bare materials are, what they are called, and what moves. */
    public function testSubstrates(): void
    {
        $of = static fn (
            SubstrateKind $kind,
            Grain $grain = Grain::Close,
            string $species = 'oak',
            ?float $veneer = null,
        ): Substrate => Substrate::of(
            $kind,
            $species,
            $grain,
            Colour::of('#c8a06a'),
            $veneer,
            [Bleed::Tannin],
        );
        Said::assertSame(__DIR__.'/shapes.yaml', 'substrates', array_merge(...array_map(
            static fn (SubstrateKind $k): array => array_map(
                static fn (Grain $g): string => \sprintf(
                    '%s, %s grain: drinks %g%s, moves %g, face veneer %s',
                    $of($k, $g)->inWords(),
                    $g->value,
                    $of($k, $g)->absorption(),
                    $of($k, $g)->drinksAtAll() ? '' : ' (never)',
                    $of($k, $g)->moves,
                    $of($k, $g)->faceVeneer() ?? 'none',
                ),
                Grain::cases(),
            ),
            SubstrateKind::cases(),
        )));
        self::assertSame('metal', $of(SubstrateKind::Metal, species: '')->inWords());
        self::assertSame(0.8, $of(SubstrateKind::Solid, veneer: 0.8)->faceVeneer());
        $other = $of(SubstrateKind::Solid)->coloured(Colour::of('#ffffff'));
        self::assertEquals($of(SubstrateKind::Solid), $other->coloured(Colour::of('#c8a06a')));
        $plural = array_map(
            static fn (string $name): bool => PiecePart::of('p', $name, Surface::free(1.0), 1, $of(SubstrateKind::Solid))->isPlural(),
            ['Doors', 'Door', 'Glass', 'Chassis', 'Legs', 'Bus'],
        );
        self::assertSame([true, false, false, false, true, false], $plural);
    }
}
