<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\NextMove;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Material\Look;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\NextMove\SolveMix;
use Inlaid\Core\NextMove\WhereFromHere;
use Inlaid\Core\NextMove\WhereMove;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Recipe\Intent;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\Target;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Zone;
use Inlaid\Tests\Core\CutsShort;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * Searches whose time is up tell the best so far, and that it is not all.
 */
final class OutOfTimeTest extends TestCase
{
    use CutsShort;
    use Randomly;

    /** Every thinning that is told is as it is with all the time there is; of those told the best is taken. */
    public function testThinnings(): void
    {
        $solve = static fn (int $looks) => (new SolveMix(Given::practices()))->solve(
            self::recipe(),
            self::recipe()->steps[1],
            Zone::Field,
            Colour::of('#93a09f'),
            Given::context(),
            self::over($looks),
        );
        $all = $solve(\PHP_INT_MAX);
        self::assertTrue($all->complete);
        $this->manyTimes(8, function () use ($solve, $all): void {
            $looks = $this->int(0, 58);
            $some = $solve($looks);
            self::assertFalse($some->complete);
            self::assertEquals(\array_slice($all->rungs, 0, $looks + 1), $some->rungs);
            self::assertLessThanOrEqual(
                min([99.0, ...array_map(static fn ($r): float => $r->deltaE, $some->rungs)]) + 0.5,
                $some->best->deltaE,
            );
        });
        self::assertTrue($solve(59)->complete);
    }

    /**
     * Every next move that is told ends where it ends when there is time, the nearest first; however late it is, something is looked over.
     */
    public function testNextMoves(): void
    {
        $shelf = [
            Given::water(),
            Given::paint(),
            ...array_map(static fn (string $hex): Material => self::paint($hex), ['#efe6cc', '#b5402f', '#2f5a45']),
        ];
        $find = static fn (int $looks, int $told): mixed => (new WhereFromHere(Given::practices(), Given::analyser()))->find(
            self::recipe(),
            's1',
            $shelf,
            Given::context(),
            self::over($looks),
            self::over($told),
        );
        $all = $find(\PHP_INT_MAX, \PHP_INT_MAX);
        self::assertTrue($all->complete);
        // How many looks it takes, by halves.
        for ($asked = 1; !$find($asked, \PHP_INT_MAX)->complete; $asked *= 2) {
        }
        for ($low = intdiv($asked, 2); $asked - $low > 1;) {
            $middle = intdiv($low + $asked, 2);
            $find($middle, \PHP_INT_MAX)->complete ? $asked = $middle : $low = $middle;
        }
        $ends = static fn (WhereMove $m): string => serialize([$m->off, $m->steps]);
        $off = static fn (WhereMove $m): float => $m->off[0]->deltaE;
        $this->manyTimes(5, function () use ($find, $all, $ends, $off, $asked): void {
            $looks = $this->int(1, $asked + 2);
            $some = $find($looks, \PHP_INT_MAX);
            $deltas = array_map($off, $some->moves);
            $sorted = $deltas;
            sort($sorted);
            self::assertSame($sorted, $deltas);
            self::assertLessThanOrEqual($deltas[0] ?? 99.0, $off($all->moves[0]));
            self::assertSame($some->complete, $looks >= $asked);
            self::assertTrue(!$some->complete || array_map($ends, $all->moves) === array_map($ends, $some->moves));
        });
        $first = $find(\PHP_INT_MAX, 0);
        self::assertFalse($first->complete);
        self::assertSame([$ends($all->moves[0])], array_map($ends, $first->moves));
    }

    private static function recipe(): Recipe
    {
        $wash = Mixture::of(
            'Wash',
            Basis::ByVolume,
            [Part::of(BigRational::one(), Given::paint()), Part::of(BigRational::of(2), Given::water())],
        );
        $step = static fn (string $id, string $technique, mixed $uses): Step => Step::of(
            $id,
            $id,
            Given::techniques()->named($technique),
            Intent::of(Purpose::BrokenCover),
            [],
            $uses,
            1,
            StepDetail::of(),
            WaitRule::of(WaitUntil::Recoat),
        );
        $part = PiecePart::of(
            'p',
            'Part',
            Surface::free(1.0),
            1,
            Substrate::of(SubstrateKind::Solid, 'lime', Grain::Close, Colour::of('#e5d3b3')),
        );

        return Recipe::of(
            'Test',
            Piece::of('Case', 1, [$part]),
            [$step('s1', 'brushed', Given::paint()), $step('s2', 'washed-wiped', $wash)],
            target: Target::of('Grey', ['field' => Colour::of('#93a09f')]),
        );
    }

    private static function paint(string $hex): Material
    {
        $like = Given::paint();

        return Material::of(
            substr($hex, 1),
            1,
            $hex,
            $like->kind,
            true,
            $like->body,
            $like->handling,
            Look::of(LookKind::Opaque, Colour::of($hex), 0.97),
        );
    }
}
