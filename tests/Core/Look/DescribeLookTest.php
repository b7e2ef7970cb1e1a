<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Look;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\ColourDifference;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Look\BuildStacks;
use Inlaid\Core\Look\DescribeLook;
use Inlaid\Core\Look\LookAfter;
use Inlaid\Core\Look\LookPreview;
use Inlaid\Core\Look\StackPreview;
use Inlaid\Core\Look\WorkOutLook;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Optics\ColourantKind;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\Target;
use Inlaid\Core\Surface\LaidSurface;
use Inlaid\Core\Surface\SurfaceStep;
use Inlaid\Core\Technique\Extent;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\StepCalculation;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Made;
use Inlaid\Tests\Core\Surface\Flat;
use PHPUnit\Framework\TestCase;

/**
 * How looks are told, and which faces share one.
 */
final class DescribeLookTest extends TestCase
{
    /** @return list<StepCalculation> */
    private static function works(Step ...$steps): array
    {
        return Made::works(Made::recipe(array_values($steps)), Given::context());
    }

    private static function surface(SurfaceStep ...$steps): LaidSurface
    {
        return Flat::build()->lay(Flat::origin(), array_values($steps));
    }

    /** @param list<array{float, float}> $field */
    private static function flat(array $field, Spread $spread = Spread::Motifs): Pattern
    {
        \assert([] !== $field);

        return Pattern::of($spread, $field, [[1.0, 1.0]], [[1.0, 1.0]], [[1.0, 1.0]]);
    }

    private static function describe(LaidSurface $surface, ?Target $target = null, Purpose ...$purposes): LookPreview
    {
        $steps = array_map(
            static fn (SurfaceStep $s, int $i): Step => Made::step($s->id, 'brushed', Given::paint(), for: $purposes[$i] ?? Purpose::Hide),
            $surface->doings,
            array_keys($surface->doings),
        );

        return (new DescribeLook())->describe($surface, self::works(...$steps), $target);
    }

    public function testWhatIsToldAfterEachStep(): void
    {
        $surface = self::surface(
            Flat::lays('base', Pattern::even(), Flat::of(k: 0.01, s: 0.1)),
            Flat::lays('nothing', Pattern::even(field: 0.0), Flat::of(k: 0.01)),
            Flat::lays('marks', self::flat([[0.25, 1.0], [0.75, 0.0]]), Flat::of(k: 0.002)),
        );
        $look = self::describe($surface);
        self::assertSame([null, 'base', 'nothing', 'marks'], array_map(static fn (LookAfter $a): ?string => $a->stepId, $look->after));
        $fields = array_map(static fn (LookAfter $a) => $a->zones[0], $look->after);
        self::assertSame([Zone::Field, Zone::Edge, Zone::Recess, Zone::Pore], array_column($look->after[0]->zones, 'zone'));
        self::assertNull($fields[0]->change, 'nothing was before the ground');
        $by = ColourDifference::ofLabs($surface->after(0, Zone::Field)->lab(), $surface->before(Zone::Field)->lab());
        self::assertSame([$by->deltaE, $by->inWords], [$fields[1]->change?->deltaE, $fields[1]->change?->inWords]);
        self::assertNull($fields[2]->change, 'nothing was done there');
        self::assertNotNull($look->after[2]->zones[1]->change);
        $end = $surface->end(Zone::Field);
        self::assertSame([
            $end->mean()->colour()->hex, round($end->contrast(), 2), [$end->patches[0]->hex(), $end->patches[1]->hex()], [0.25, 0.75],
            Spread::Motifs, 'marks', 0.0, false, null,
        ], [
            $fields[3]->colour, $fields[3]->contrast, $fields[3]->colours, $fields[3]->shares,
            $fields[3]->spread, $fields[3]->way, $fields[3]->rehomed, $fields[3]->isBeyondScreen, $fields[3]->glances,
        ]);
        self::assertTrue($look->isWhole);
    }

    /** Effects of what is to be seen; whether what is to hide does; what softens, but no primer and nothing that hides. */
    public function testWhichStepsAreJudged(): void
    {
        $surface = self::surface(
            Flat::lays('base', Pattern::even(), Flat::of(k: 0.01, s: 0.1)),
            Flat::lays('marks', self::flat([[0.5, 1.0], [0.5, 0.0]]), Flat::of(k: 0.002)),
            Flat::lays('veil', Pattern::even(), Flat::of(s: 0.05), wet: 20.0),
        );
        $ids = static fn (array $of): array => array_column($of, 'stepId');
        $look = self::describe($surface, null, Purpose::Hide, Purpose::BrokenCover, Purpose::BrokenCover);
        self::assertSame(
            [['base', 'marks', 'veil'], ['base'], ['veil']],
            [$ids($look->effects), $ids($look->hides), $ids($look->softened)],
        );
        $look = self::describe($surface, null, Purpose::Functional, Purpose::BrokenCover, Purpose::Hide);
        self::assertSame([['marks', 'veil'], ['veil'], []], [$ids($look->effects), $ids($look->hides), $ids($look->softened)]);
        $look = self::describe($surface, null, Purpose::Hide, Purpose::BrokenCover, Purpose::Functional);
        self::assertSame(
            [['base', 'marks'], ['base'], []],
            [$ids($look->effects), $ids($look->hides), $ids($look->softened)],
            'a primer is to cover',
        );
    }

    /** A touch-up hides nothing: the coats are judged as if it were not there. */
    public function testATouchUpIsNotJudged(): void
    {
        $surface = self::surface(
            Flat::lays('base', Pattern::even(), Flat::of(k: 0.01, s: 0.1)),
            Flat::lays('touch', Pattern::even()->on(new Extent(share: 0.1)), Flat::of(s: 5.0)),
        );
        $works = self::works(
            Made::step('base', 'brushed', Given::paint()),
            Made::step('touch', 'brushed', Given::paint(), detail: StepDetail::of(extent: new Extent(share: 0.1))),
        );
        $look = (new DescribeLook())->describe($surface, $works);
        self::assertSame(['base'], array_column($look->effects, 'stepId'));
        self::assertSame([null, 'base', 'touch'], array_column($look->after, 'stepId'));
    }

    /** From the surface down, at what depth each film begins. */
    public function testDepths(): void
    {
        $surface = self::surface(
            Flat::lays('base', Pattern::even(), Flat::of(k: 0.05)),
            Flat::lays('top', self::flat([[0.6, 1.0], [0.4, 0.0]]), Flat::of(k: 0.01, s: 0.5)),
        );
        $depths = self::describe($surface)->depths;
        self::assertSame([[0.0, 'top'], [30.0, 'base'], [60.0, null]], array_map(static fn ($d): array => [$d->from, $d->stepId], $depths));
        $largest = $surface->end(Zone::Field)->largest();
        self::assertSame(
            [$largest->hex(), $largest->without(30.0)->hex(), $largest->without(60.1)->hex()],
            array_column($depths, 'colour'),
        );
        self::assertNotSame($depths[1]->colour, $depths[2]->colour);
    }

    public function testWhatAmbersIsToldAfterOneYearAndFive(): void
    {
        $surface = self::surface(
            Flat::lays('base', Pattern::even(), Flat::of(k: 0.01, s: 0.1)),
            Flat::lays(
                'varnish',
                Pattern::even(field: 1.0, edge: 0.0, recess: 0.0, pore: 0.0),
                Flat::of(ColourantKind::Clear, yellows: 0.003),
            ),
        );
        $ages = self::describe($surface)->ages;
        self::assertSame([[Zone::Field, 1], [Zone::Field, 5]], array_map(static fn ($a): array => [$a->zone, $a->years], $ages));
        foreach ($ages as $age) {
            $then = $surface->end(Zone::Field)->mean((float) $age->years);
            $by = ColourDifference::ofLabs(Lab::ofLight($then), $surface->end(Zone::Field)->lab());
            self::assertSame([$then->colour()->hex, $by->deltaE, $by->inWords], [$age->colour, $age->deltaE, $age->inWords]);
        }
        self::assertGreaterThan($ages[0]->deltaE, $ages[1]->deltaE);
        self::assertSame([], self::describe(self::surface(Flat::lays('base', Pattern::even())))->ages);
    }

    /** From aside flakes throw back half; through what is clear they still do, under paint they don't. */
    public function testFlakesGlance(): void
    {
        $flake = Flat::lays('gold', self::flat([[0.5, 1.0], [0.5, 0.0]]), Flat::of(ColourantKind::Flake, flake: 0.6), wet: 1000.0);
        $zone = static fn (SurfaceStep ...$more) => self::describe(
            self::surface(Flat::lays('base', Pattern::even(), Flat::of(k: 0.05)), $flake, ...$more),
        )
            ->after[2 + \count($more)]->zones[0];
        $flakes = self::surface(Flat::lays('base', Pattern::even(), Flat::of(k: 0.05)), $flake)->end(Zone::Field)->patches[0];
        self::assertSame($flakes->light()->times(0.5)->colour()->hex, $zone()->glances);
        self::assertNotNull($zone(Flat::lays('clear', Pattern::even(), Flat::of(ColourantKind::Clear)))->glances);
        self::assertNull($zone(Flat::lays('paint', Pattern::even(), Flat::of(k: 0.01, s: 0.1)))->glances);
    }

    public function testHowFarItIsFromATarget(): void
    {
        $surface = self::surface(Flat::lays('base', Pattern::even(), Flat::of(k: 0.01, s: 0.1)));
        $target = Target::of('T', ['edge' => Colour::of('#808080'), 'field' => Colour::of('#204060')]);
        $off = self::describe($surface, $target)->target;
        self::assertSame(
            [[Zone::Field, '#204060'], [Zone::Edge, '#808080']],
            array_map(static fn ($t): array => [$t->zone, $t->colour], $off),
        );
        $by = ColourDifference::ofLabs($surface->end(Zone::Field)->lab(), Lab::of(Colour::of('#204060')));
        self::assertSame([$by->deltaE, $by->inWords], [$off[0]->deltaE, $off[0]->inWords]);
        self::assertSame([], self::describe($surface)->target);
        $roughly = (new DescribeLook())->end($surface, self::works(Made::step('base', 'brushed', Given::paint()))[0], $target);
        self::assertSame(
            [false, [null, 'base'], 2],
            [$roughly->isWhole, array_column($roughly->after, 'stepId'), \count($roughly->target)],
        );
        self::assertCount(1, (new DescribeLook())->end($surface, null)->after);
        self::assertNotNull($roughly->after[1]->zones[0]->change);
    }

    public function testATargetIsForSomeParts(): void
    {
        $works = self::works(Made::step('base', 'brushed', Given::paint()));
        $target = static fn (string ...$parts): Target => Target::of('T', ['field' => Colour::of('#204060')], array_values($parts));
        $told = static fn (?Target $t): int => \count((new WorkOutLook())->work(Made::part(), $works, $t)[0]->target);
        self::assertSame([1, 1, 0, 0], [$told($target()), $told($target('p', 'q')), $told($target('q')), $told(null)]);
    }

    private static function part(string $id, string $hex = '#e0c9a0', ?float $absorption = null): PiecePart
    {
        return PiecePart::of(
            $id,
            ucfirst($id),
            Surface::free(0.5),
            2,
            Substrate::of(SubstrateKind::Solid, 'beech', Grain::Close, Colour::of($hex)),
            absorption: $absorption,
        );
    }

    /** @return list<StackPreview> */
    private static function stacks(Recipe $recipe): array
    {
        return (new BuildStacks())->build($recipe, Made::works($recipe, Given::context()));
    }

    /** Faces that share ground and steps share a cut: its films, what is left of them, and in what a step ends that takes away. */
    public function testTheCut(): void
    {
        $recipe = Recipe::of('R', Piece::of('P', 3, [self::part('top'), self::part('legs'), self::part('dark', '#604020')]), [
            Made::step('paint', 'brushed', Given::paint(), 2),
            Made::step('rub', 'sanded', for: Purpose::Functional, detail: StepDetail::of(grit: 240, depth: 20.0)),
            Made::step('wear', 'distressed-dry', for: Purpose::Edges, detail: StepDetail::of(depth: 500.0)),
            Made::step('wax', 'waxed', Made::material('wax', MaterialKind::Wax, Carrier::Solvent), for: Purpose::Functional),
        ]);
        [$pale, $dark] = self::stacks($recipe);
        self::assertSame(['s1', ['Top', 'Legs'], ['top:whole', 'legs:whole'], 6.0], [$pale->id, $pale->parts, $pale->places, $pale->area]);
        self::assertSame(
            ['s2', ['Dark'], 3.0, 'solid beech', 'bare'],
            [$dark->id, $dark->parts, $dark->area, $dark->ground, $dark->finish],
        );
        [$paint, $rub, $wear, $wax] = $pale->layers;
        $dry = Made::works($recipe, Given::context())[0]->film->dry ?? self::fail('a film');
        self::assertSame([1, 'paint', round(2 * $dry, 3), 1.0, null, null], [
            $paint->number, $paint->stepId, $paint->laid, $paint->cover, $paint->depth, $paint->reaches,
        ]);
        self::assertEqualsWithDelta(2 * $dry - 20.0, $paint->thickness, 0.01);
        self::assertSame([2, 20.0, 'paint', 0.0, 0.0], [$rub->number, $rub->depth, $rub->reaches, $rub->laid, $rub->thickness]);
        self::assertSame([500.0, 'wood'], [$wear->depth, $wear->reaches]);
        self::assertSame(4, $wax->number);
        self::assertGreaterThan(0.0, $wax->thickness);
        self::assertSame(round($paint->thickness + $wax->thickness * $wax->cover, 2), $pale->dry);
    }

    /** Ninety steps beside the longest cut have all the room; a thousand in all are told one by one. */
    public function testTheRoomIsShared(): void
    {
        $most = static fn (int $parts, int $steps): array => array_map(
            static fn (StackPreview $s): int => $s->look->isWhole ? $s->laid()->most : 0,
            self::stacks(Recipe::of('R', Piece::of('P', 1, array_map(
                static fn (int $i): PiecePart => self::part("p$i", \sprintf('#%02xc9a0', 100 + 3 * $i)),
                range(1, $parts),
            )), array_map(static fn (int $i): Step => Made::step("s$i", 'dusted', for: Purpose::Functional), range(1, $steps)))),
        );
        self::assertSame([256], $most(1, 10));
        self::assertSame(array_fill(0, 10, 256), $most(10, 10), '90 besides');
        self::assertSame(array_fill(0, 11, 230), $most(11, 10), '100 besides');
    }

    public function testWhatDrinksOtherwiseHasACutOfItsOwn(): void
    {
        $parts = [self::part('a'), self::part('b', absorption: 2.0), self::part('c', absorption: 2.0)];
        $recipe = Recipe::of('R', Piece::of('P', 1, $parts), [
            Made::step('s', 'brushed', Given::paint()),
        ]);
        self::assertSame([['A'], ['B', 'C']], array_column(self::stacks($recipe), 'parts'));
        $target = Target::of('T', ['field' => Colour::of('#204060')], ['c']);
        $recipe = Recipe::of('R', $recipe->piece, $recipe->steps, target: $target);
        self::assertSame([['A'], ['B'], ['C']], array_column(self::stacks($recipe), 'parts'));
    }
}
