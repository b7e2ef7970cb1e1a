<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Surface;

use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Material\Hazard;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Optics\Colourant;
use Inlaid\Core\Optics\ColourantKind;
use Inlaid\Core\Piece\FinishKind;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Surface\Bleaching;
use Inlaid\Core\Surface\BuildSurface;
use Inlaid\Core\Surface\FilmOf;
use Inlaid\Core\Surface\LaidSurface;
use Inlaid\Core\Surface\Marks;
use Inlaid\Core\Surface\Patch;
use Inlaid\Core\Surface\Soil;
use Inlaid\Core\Surface\SurfaceStep;
use Inlaid\Core\Surface\WorkOnZone;
use Inlaid\Core\Surface\ZoneState;
use Inlaid\Core\Technique\Chosen;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Extent;
use Inlaid\Core\Technique\Follows;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Zone;
use Inlaid\Tests\Core\Analysed;
use PHPUnit\Framework\TestCase;

/**
 * What one step does to a zone, and what a whole surface answers, in shares and µm worked out on paper.
 */
final class ZonesTest extends TestCase
{
    /**
     * @param list<array{float, float}> $levels
     */
    private static function levels(array $levels, Spread $spread = Spread::Strokes): Pattern
    {
        \assert([] !== $levels);

        return Pattern::of(spread: $spread, field: $levels, edge: $levels, recess: $levels, pore: $levels);
    }

    /**
     * @return list<array{float, list<float>}> share of each patch, and wet µm of its films
     */
    private static function of(ZoneState $state): array
    {
        return array_map(static fn (Patch $p): array => [
            round($p->share, 9),
            array_map(static fn ($f): float => round($f->wet * $f->share, 6), $p->films),
        ], $state->patches);
    }

    private static function one(?Patch $patch = null): ZoneState
    {
        return new ZoneState([$patch ?? Flat::wood()]);
    }

    public function testAPatternOfItsOwnMultiplies(): void
    {
        $halves = Flat::lays('a', self::levels([[0.25, 2.0], [0.75, 1.0]]));
        $thirds = Flat::lays('b', self::levels([[0.4, 1.0], [0.6, 0.0]]), wet: 50.0);
        $first = WorkOnZone::to(self::one(), $halves, Zone::Field);
        self::assertSame([[0.25, [200.0]], [0.75, [100.0]]], self::of($first));
        self::assertSame([Spread::Strokes, 'a', 0.0], [$first->spread, $first->way, $first->rehomed]);
        self::assertSame(
            [[0.1, [200.0, 50.0]], [0.15, [200.0]], [0.3, [100.0, 50.0]], [0.45, [100.0]]],
            self::of($second = WorkOnZone::to($first, $thirds, Zone::Field)),
        );
        self::assertSame(
            [[0, 0.1, 0], [0, 0.15, 1], [1, 0.3, 2], [1, 0.45, 3]],
            array_map(static fn ($d): array => [$d->from, round($d->share, 9), $d->to], $second->divided ?? []),
        );
    }

    /** What is placed along the same way falls where it fell: nothing is divided twice. */
    public function testWhatIsPlacedFallsWhereItFell(): void
    {
        $placed = Flat::lays('a', self::levels([[0.25, 1.0], [0.75, 0.0]], Spread::Placed));
        $wider = Flat::lays('b', self::levels([[0.5, 1.0], [0.5, 0.0]], Spread::Placed), wet: 50.0);
        $state = WorkOnZone::to(WorkOnZone::to(self::one(), $placed, Zone::Field), $wider, Zone::Field);
        self::assertSame([[0.25, [100.0, 50.0]], [0.25, [50.0]], [0.5, []]], self::of($state));
        self::assertSame('from the top', $state->way);
        self::assertSame([[0.0, 0.25], [0.25, 0.5], [0.5, 1.0]], array_column(array_column($state->patches, 'at'), 'from the top'));
        $worn = Flat::lays('c', self::levels([[0.25, 1.0], [0.75, 0.0]], Spread::Worn), wet: 20.0);
        $again = Flat::lays('d', self::levels([[0.1, 1.0], [0.9, 0.0]], Spread::Worn), wet: 10.0);
        $state = WorkOnZone::to(WorkOnZone::to(self::one(), $worn, Zone::Field), $again, Zone::Field);
        self::assertSame([[0.1, [20.0, 10.0]], [0.15, [20.0]], [0.75, []]], self::of($state));
        self::assertSame('worn', $state->way);
    }

    /** Four coats: what is thick and thin by chance comes to half of its distance from the mean. */
    public function testCoatsEvenOutWhatFallsByChance(): void
    {
        $levels = [[0.5, 1.4], [0.5, 0.6]];
        $laid = static fn (Spread $spread, int $rounds): array => self::of(
            WorkOnZone::to(self::one(), Flat::lays('a', self::levels($levels, $spread), rounds: $rounds), Zone::Field),
        );
        foreach ([Spread::Strokes, Spread::Crossed, Spread::Points, Spread::Patches] as $spread) {
            self::assertSame([[0.5, [120.0]], [0.5, [80.0]]], $laid($spread, 4), $spread->value);
            self::assertSame([[0.5, [140.0]], [0.5, [60.0]]], $laid($spread, 1));
        }
        foreach ([Spread::Motifs, Spread::Stripes, Spread::Worn, Spread::Placed] as $spread) {
            self::assertSame([[0.5, [140.0]], [0.5, [60.0]]], $laid($spread, 4), $spread->value);
        }
        $some = self::levels($levels)->on(new Extent(share: 0.5, chosen: Chosen::HereAndThere));
        self::assertSame(
            [[0.25, [140.0]], [0.25, [60.0]], [0.5, []]],
            self::of(WorkOnZone::to(self::one(), Flat::lays('a', $some, rounds: 4), Zone::Field)),
            'only here and there: each coat elsewhere',
        );
    }

    /** Worked over wet, thick and thin come 0.6 of their way to the mean. */
    public function testACoatIsTippedOff(): void
    {
        $evens = new SurfaceStep('e', Effect::Alters, Pattern::even(), 1, null, 0.0, '', evens: true);
        $laid = WorkOnZone::to(self::one(), Flat::lays('a', self::levels([[0.25, 2.0], [0.75, 1.0]])), Zone::Field);
        // The mean is 125: 200 − 0.6 · 75 and 100 + 0.6 · 25.
        self::assertSame([[0.25, [155.0]], [0.75, [115.0]]], self::of(WorkOnZone::to($laid, $evens, Zone::Field)));
        $some = WorkOnZone::to(self::one(), Flat::lays('a', self::levels([[0.75, 1.0], [0.25, 0.0]])), Zone::Field);
        self::assertSame([[0.75, [100.0]], [0.25, []]], self::of(WorkOnZone::to($some, $evens, Zone::Field)));
        self::assertSame([[1.0, []]], self::of(WorkOnZone::to(self::one(), $evens, Zone::Field)));
    }

    /** It goes off the high places first: 1 + height of the depth; and marks only where it was done. */
    public function testWhatIsTakenAway(): void
    {
        $coated = new ZoneState([
            Flat::wood()->with(Flat::film('a', dry: 40.0))->part(0.5)->standing(0.5),
            Flat::wood()->with(Flat::film('a', dry: 40.0))->part(0.5)->standing(-0.5),
        ]);
        $taken = WorkOnZone::to($coated, Flat::takes('t', Pattern::even(), 20.0), Zone::Field);
        self::assertSame([0.25, 0.75], array_map(static fn (Patch $p): float => $p->films[0]->share, $taken->patches));
        $through = WorkOnZone::to($coated, Flat::takes('t', Pattern::even(), 80.0, 80.0), Zone::Field);
        self::assertSame([80.0, 0.0], array_column($through->patches, 'worn'), '120 of which 40 are paint, and 40 of 40');
        $paper = new SurfaceStep(
            'p',
            Effect::TakesAway,
            self::levels([[0.5, 1.0], [0.5, 0.0]]),
            1,
            null,
            1.0,
            '',
            marks: new Marks('p', 360, null, null),
        );
        $sanded = WorkOnZone::to(self::one(), $paper, Zone::Field);
        self::assertEqualsWithDelta(0.81, $sanded->patches[0]->takesUp(), 1e-9);
        self::assertSame(1.0, $sanded->patches[1]->takesUp());
        $resisted = self::one(Flat::wood()->with(Flat::resist('r'))->with(Flat::film('a')));
        self::assertSame(
            [[1.0, []]],
            self::of(WorkOnZone::to($resisted, Flat::takes('t', Pattern::even(), 1.0, releases: true), Zone::Field)),
        );
        self::assertSame(
            [[1.0, [20.0, 96.666667]]],
            self::of(WorkOnZone::to($resisted, Flat::takes('t', Pattern::even(), 1.0), Zone::Field)),
        );
    }

    public function testBleachesConditionersAndBrushes(): void
    {
        $dyed = self::one(Flat::wood()->with(Flat::dye('d')));
        $bleach = static fn (Pattern $pattern, int $rounds): SurfaceStep => new SurfaceStep(
            'b',
            Effect::Alters,
            $pattern,
            $rounds,
            null,
            0.0,
            '',
            bleach: Bleaching::with((new FlattenMix())->flatten(Analysed::mix(['two-part-bleach' => '1']))),
        );
        $left = static fn (ZoneState $s): array => array_map(static fn (Patch $p): float => round($p->films[0]->share, 9), $s->patches);
        self::assertSame([0.7], $left(WorkOnZone::to($dyed, $bleach(Pattern::even(), 1), Zone::Field)));
        self::assertSame([0.49], $left(WorkOnZone::to($dyed, $bleach(Pattern::even(), 2), Zone::Field)));
        self::assertSame([0.7, 1.0], $left(WorkOnZone::to($dyed, $bleach(self::levels([[0.5, 0.3], [0.5, 0.0]]), 1), Zone::Field)));
        $thirsty = self::one(Flat::wood(absorption: 2.4));
        $conditioner = new SurfaceStep('c', Effect::Adds, Pattern::even(), 1, null, 0.0, '', conditions: true);
        self::assertSame(1.0, WorkOnZone::to($thirsty, $conditioner, Zone::Field)->patches[0]->thirst());
        $brush = new SurfaceStep('w', Effect::Alters, Pattern::even()->raising(0.4), 1, null, 0.0, '');
        $open = self::one(Flat::wood(pores: 1.0));
        self::assertSame(1.6, WorkOnZone::to($open, $brush, Zone::Pore)->patches[0]->pores);
        self::assertSame(1.0, WorkOnZone::to($open, $brush, Zone::Field)->patches[0]->pores);
        $nothing = new SurfaceStep('n', Effect::Alters, Pattern::even(), 1, null, 0.0, '');
        self::assertSame(1.0, WorkOnZone::to($open, $nothing, Zone::Pore)->patches[0]->pores);
        $released = new SurfaceStep('r', Effect::TakesAway, Pattern::even()->following(Follows::Resist), 1, null, 99.0, '', releases: true);
        $state = self::one(Flat::wood()->with(Flat::film('a'))->with(Flat::resist('x'))->with(Flat::film('b')));
        self::assertSame([[1.0, [100.0]]], self::of(WorkOnZone::to($state, $released, Zone::Field)), 'and nothing besides');
    }

    /** Into hollows more, on what stands proud less; a dry brush catches only what stands. */
    public function testReliefAndWhatSettles(): void
    {
        $raised = WorkOnZone::to(
            self::one(),
            Flat::lays('a', self::levels([[0.2, 1.0], [0.3, 1.0], [0.5, 1.0]])->raising(0.4)),
            Zone::Field,
        );
        self::assertSame([-0.4, 0.0, 0.4], array_map(static fn (Patch $p): float => round($p->height, 9), $raised->patches));
        $settled = WorkOnZone::to($raised, Flat::lays('b', Pattern::even()->settling()), Zone::Field);
        self::assertSame([[0.2, [100.0, 120.0]], [0.3, [100.0, 100.0]], [0.5, [100.0, 80.0]]], self::of($settled));
        $dry = Pattern::of(
            Spread::Strokes,
            [[0.3, 0.5], [0.7, 0.0]],
            [[1.0, 1.0]],
            [[1.0, 0.0]],
            [[1.0, 0.0]],
        )->following(Follows::Heights);
        $caught = WorkOnZone::to($raised, Flat::lays('c', $dry), Zone::Field);
        self::assertSame([[0.2, [100.0]], [0.3, [100.0]], [0.5, [100.0, 50.0]]], self::of($caught));
        self::assertSame(
            [[0.3, [50.0]], [0.7, []]],
            self::of(WorkOnZone::to(self::one(), Flat::lays('c', $dry), Zone::Field)),
            'no relief',
        );
    }

    /** What pores hold lies between the flat's and their own, by how open they are. */
    public function testPoresHoldTheirShare(): void
    {
        $wiped = Pattern::even(field: 0.2, pore: 1.0)->settling();
        $laid = static fn (float $pores): array => self::of(
            WorkOnZone::to(self::one(Flat::wood(pores: $pores)), Flat::lays('a', $wiped), Zone::Pore),
        );
        self::assertSame([[1.0, [100.0]]], $laid(1.0));
        self::assertSame([[1.0, [60.0]]], $laid(0.5));
        self::assertSame([[1.0, [148.0]]], $laid(1.6));
        self::assertSame([[1.0, [100.0]]], self::of(
            WorkOnZone::to(self::one(Flat::wood(pores: 0.5)), Flat::lays('a', Pattern::even(field: 0.2, pore: 1.0)), Zone::Pore),
        ), 'what doesn’t settle');
    }

    private static function goesIn(Colourant $of, ?float $wipedOn = null, bool $goesIn = true): SurfaceStep
    {
        return new SurfaceStep(
            's',
            Effect::Adds,
            Pattern::even(),
            1,
            new FilmOf('s', $of, 100.0, 30.0),
            0.0,
            '',
            wipedOn: $wipedOn,
            goesIn: $goesIn,
        );
    }

    /** Thirst of 2: twice as much goes in, and 0.3 of it unevenly; more than 1.25 is patchy; a wiped coat keeps 1 + 1.1 × porous. */
    public function testThirstAndWhatIsWiped(): void
    {
        $film = Flat::of(s: 0.01);
        $laid = static fn (float $absorption, SurfaceStep $step): array => self::of(
            WorkOnZone::to(self::one(Flat::wood(absorption: $absorption)), $step, Zone::Field),
        );
        self::assertSame([[0.3, [140.0]], [0.4, [200.0]], [0.3, [260.0]]], $laid(2.4, self::goesIn($film)));
        self::assertSame([[1.0, [125.0]]], $laid(1.5, self::goesIn($film)));
        self::assertSame([[0.3, [300.0 * 0.6]], [0.4, [300.0]], [0.3, [420.0]]], $laid(3.6, self::goesIn($film)), 'at the most 0.4');
        self::assertSame([[1.0, [100.0]]], $laid(2.4, self::goesIn($film, goesIn: false)));
        self::assertSame([[1.0, [100.0]]], $laid(1.2, self::goesIn($film, 0.9)), 'as its figures say, of bare wood');
        $sealed = self::one(Flat::wood(old: 20.0));
        self::assertSame([[1.0, [round(100 / 1.99, 6)]]], self::of(WorkOnZone::to($sealed, self::goesIn($film, 0.9), Zone::Field)));
        self::assertSame([[1.0, [199.0]]], $laid(1.2, self::goesIn($film, 0.0)));
    }

    /** A tenth where it needs it: what is barest first, then what is farthest from the rest. */
    public function testATouchUpGoesWhereItIsNeeded(): void
    {
        $worn = new ZoneState([
            Flat::wood()->with(Flat::film('a', Flat::of(s: 5.0)))->part(0.7),
            Flat::wood()->part(0.1),
            Flat::wood()->with(Flat::film('a', Flat::of(k: 5.0)))->part(0.2),
        ]);
        $touch = static fn (float $share): array => self::of(WorkOnZone::to(
            $worn,
            Flat::lays('t', Pattern::even()->on(new Extent(share: $share)), wet: 50.0),
            Zone::Field,
        ));
        self::assertSame([[0.7, [100.0]], [0.1, [50.0]], [0.2, [100.0]]], $touch(0.1));
        self::assertSame([[0.7, [100.0]], [0.05, [50.0]], [0.05, []], [0.2, [100.0]]], $touch(0.05));
        self::assertSame([[0.7, [100.0]], [0.1, [50.0]], [0.1, [100.0, 50.0]], [0.1, [100.0]]], $touch(0.2));
        self::assertSame([[0.2, [100.0, 50.0]], [0.5, [100.0]], [0.1, [50.0]], [0.2, [100.0, 50.0]]], $touch(0.5));
        $edges = Pattern::of(Spread::Strokes, [[1.0, 0.0]], [[1.0, 1.0]], [[1.0, 0.0]], [[1.0, 0.0]])->on(new Extent(share: 0.5));
        self::assertSame(self::of($worn), self::of(WorkOnZone::to($worn, Flat::lays('t', $edges), Zone::Field)), 'not meant for the flat');
    }

    /** Of too many patches the smallest join what looks most like them, and how much that was is told. */
    public function testTooManyPatchesJoin(): void
    {
        $step = Flat::lays('a', self::levels([[0.1, 4.0], [0.3, 0.5], [0.2, 0.6], [0.4, 5.0]], Spread::Motifs), Flat::of(s: 0.02));
        $state = WorkOnZone::to(self::one(), $step, Zone::Field, 2);
        self::assertSame([[0.5, [50.0]], [0.5, [500.0]]], self::of($state));
        self::assertEqualsWithDelta(0.3, $state->rehomed, 1e-9);
        self::assertSame([1, 0, 0, 1], array_map(static fn ($d): int => $d->to, $state->divided ?? []));
        self::assertSame(0.0, WorkOnZone::to(self::one(), $step, Zone::Field, 4)->rehomed);
        self::assertCount(1, WorkOnZone::to(self::one(), $step, Zone::Field, 1)->patches);
    }

    public function testAZoneIsTheMeanOfItsPatches(): void
    {
        $light = Flat::wood()->with(Flat::film('a', Flat::of(s: 5.0)));
        $dark = Flat::wood()->with(Flat::film('b', Flat::of(k: 5.0)));
        $state = new ZoneState([$light->part(0.25), $dark->part(0.75)]);
        self::assertEqualsWithDelta(0.25 * $light->light()->red + 0.75 * $dark->light()->red, $state->mean()->red, 1e-12);
        self::assertEqualsWithDelta(0.25 * $light->light()->blue + 0.75 * $dark->light()->blue, $state->mean(5.0)->blue, 1e-12);
        self::assertEqualsWithDelta(
            0.25 * DeltaE2000::between($light->lab(), $state->lab()) + 0.75 * DeltaE2000::between($dark->lab(), $state->lab()),
            $state->contrast(),
            1e-9,
        );
        self::assertSame(0.0, (new ZoneState([$light]))->contrast());
        self::assertSame($state->patches[1], $state->largest());
        $even = new ZoneState([$light->part(0.5), $dark->part(0.5 + 5e-10)]);
        self::assertSame($even->patches[0], $even->largest(), 'the first of two alike');
        self::assertCount(1, $state->films('a'));
        self::assertSame([], $state->films('c'));
        self::assertNull($state->resist());
        self::assertSame('r', (new ZoneState([$light->part(0.5), $dark->with(Flat::resist('r'))->part(0.5)]))->resist());
    }

    public function testZonesHeldBesideEachOther(): void
    {
        $light = Flat::wood()->with(Flat::film('a', Flat::of(s: 5.0)));
        $dark = Flat::wood()->with(Flat::film('b', Flat::of(k: 5.0)));
        $apart = DeltaE2000::between($light->lab(), $dark->lab());
        $pale = new ZoneState([$light]);
        $speck = new ZoneState([$light->part(0.971), $dark->part(0.029)]);
        $seen = new ZoneState([$light->part(0.97), $dark->part(0.03)]);
        self::assertSame(0.0, $speck->unlike($pale), 'a speck is not seen');
        self::assertEqualsWithDelta($apart, $seen->unlike($pale), 1e-9);
        self::assertSame(0.0, $pale->unlike($seen), 'there is its like');
        self::assertEqualsWithDelta($apart, $pale->apart(new ZoneState([$dark])), 1e-9);
        $half = new ZoneState([$light->part(0.5), $dark->part(0.5)]);
        $same = new ZoneState([Flat::wood()->with(Flat::film('m', Flat::of(s: 0.01)))]);
        self::assertEqualsWithDelta(
            max(DeltaE2000::between($half->lab(), $same->lab()), $half->contrast()),
            $half->apart($same),
            1e-9,
        );
        self::assertTrue($pale->endsAs(new ZoneState([$light]), 0.0));
        self::assertFalse($pale->endsAs($half, 0.0));
        self::assertFalse($pale->endsAs(new ZoneState([$dark]), 0.0));
        $hidden = Flat::film('top', Flat::of(k: 1.0, s: 1.0));
        [$overLight, $overDark] = [new ZoneState([$light->with($hidden)]), new ZoneState([$dark->with($hidden)])];
        self::assertTrue($overLight->endsAs($overDark, 0.0));
        self::assertFalse($overLight->endsAs($overDark, 31.0), 'rubbed through it is another');
        $divided = WorkOnZone::to(self::one(), Flat::lays('a', self::levels([[0.5, 1.0], [0.5, 0.0]])), Zone::Field);
        $contrast = $divided->contrast();
        self::assertSame([null, $contrast], [$divided->kept()->divided, $divided->kept()->contrast()]);
        self::assertSame($pale, $pale->kept());
    }

    /** @param list<SurfaceStep> $steps */
    private static function surface(array $steps, Grain $grain = Grain::Close, FinishKind $finish = FinishKind::Bare): LaidSurface
    {
        return Flat::build()->lay(Flat::origin($grain, finish: $finish), $steps);
    }

    public function testASurfaceIsAsked(): void
    {
        $surface = self::surface([
            Flat::lays('under', Pattern::even(), Flat::of(k: 0.01)),
            Flat::lays('top', self::levels([[0.4, 1.0], [0.6, 0.0]]), Flat::of(s: 5.0)),
            Flat::takes('rub', self::levels([[0.5, 1.0], [0.5, 0.5]]), 40.0, 40.0),
            Flat::lays('last', Pattern::even(edge: 0.0)),
        ]);
        self::assertSame([Zone::Field, Zone::Edge, Zone::Recess, Zone::Pore], $surface->zones());
        self::assertSame([0, 3, null], [$surface->indexOf('under'), $surface->indexOf('last'), $surface->indexOf('none')]);
        self::assertSame($surface->before(Zone::Field), $surface->ahead(0, Zone::Field));
        self::assertSame($surface->after(0, Zone::Edge), $surface->ahead(1, Zone::Edge));
        self::assertSame($surface->after(3, Zone::Edge), $surface->end(Zone::Edge));
        self::assertSame('', $surface->reaches(2), 'where most is, through the one film there');
        self::assertSame(
            [40.0, 40.0, 0.0, 0.0],
            array_map(static fn (int $i): ?float => $surface->takenAfter($i, Zone::Field), [0, 1, 2, 3]),
        );
        self::assertSame(1.0, $surface->left(3)?->share);
        // 20 of the 30 µm are gone where it was rubbed half as hard, and on what lay under another film it is whole.
        self::assertSame(1.0, $surface->left(0)?->share);
        self::assertSame('last', $surface->met(4)->top(Zone::Field));
        self::assertSame(
            ['', 'under', 'under', 'last'],
            array_map(static fn (int $i): string => $surface->met($i)->top(Zone::Field), [0, 1, 2, 4]),
        );
        self::assertSame(
            ['top' => 0.4, 'under' => 0.6],
            array_map(static fn (float $f): float => round($f, 9), $surface->met(2)->tops(Zone::Field)),
        );
        self::assertEqualsWithDelta(30.0 + 0.4 * 30.0, $surface->met(2)->filmDepth(), 1e-9);
        self::assertEqualsWithDelta(10.0, $surface->met(3)->worn(), 1e-9);
        self::assertTrue($surface->met(0)->isOpenWood() && !$surface->met(1)->isOpenWood());
        self::assertNull($surface->endWithoutFilm(2, Zone::Field), 'it lays no film');
        self::assertNull($surface->endWithoutFilm(0, Zone::Field), 'it lies on open wood');
        self::assertNotNull($surface->endWithoutFilm(3, Zone::Edge));
        self::assertSame(
            ['under', 'last'],
            array_column($surface->only(['under', 'last'])->doings, 'id'),
        );
        self::assertCount(3, $surface->only(['under', 'last'])->conditions);
        self::assertSame([[1.0, [100.0]]], self::of($surface->only(['under', 'last'])->end(Zone::Edge)));
        $out = $surface->leftOut(0, Zone::Edge);
        self::assertCount(4, $out);
        self::assertSame([[1.0, []]], self::of($out[0]));
        self::assertSame($surface, $surface->withAtMost(200));
        self::assertSame($surface->withAtMost(2), $surface->withAtMost(2));
        self::assertCount(2, $surface->withAtMost(2)->end(Zone::Field)->patches);
        self::assertSame(2, $surface->withAtMost(2)->most);
        $more = $surface->then([Flat::takes('off', Pattern::even(), 999.0)]);
        self::assertCount(5, $more->doings);
        self::assertCount(6, $more->conditions);
        self::assertSame([], array_merge(...array_column($more->end(Zone::Field)->patches, 'films')));
        $this->expectException(\LogicException::class);
        $surface->after(4, Zone::Field);
    }

    public function testWhoHidWhat(): void
    {
        $surface = self::surface([
            Flat::lays('dark', Pattern::even(), Flat::of(k: 0.01)),
            Flat::lays('white', Pattern::even(field: 1.0, edge: 0.0), Flat::of(s: 5.0)),
            Flat::takes('strip', Pattern::of(Spread::Strokes, [[1.0, 0.0]], [[1.0, 1.0]], [[1.0, 0.0]], [[1.0, 0.0]]), 99.0),
            Flat::takes('again', Pattern::even(field: 0.0), 5.0),
        ]);
        self::assertSame('white', $surface->hiddenBy(0, Zone::Field, 1.0));
        self::assertSame('strip', $surface->hiddenBy(0, Zone::Edge, 1.0), 'taken off');
        self::assertNull($surface->hiddenBy(1, Zone::Field, 1.0));
        self::assertNull($surface->hiddenBy(1, Zone::Edge, 1.0), 'never laid there');
        self::assertSame([99.0 + 5.0, 5.0], [$surface->takenAfter(1, Zone::Edge), $surface->takenAfter(2, Zone::Edge)]);
        $resisted = self::surface([
            Flat::lays('a', Pattern::even()),
            Flat::lays('r', Pattern::even(field: 0.0), Flat::of(ColourantKind::Resist)),
            Flat::lays('b', Pattern::even()),
            Flat::takes('rub', Pattern::even(), 5.0, releases: true),
            Flat::takes('wipe', Pattern::even(), 3.0),
        ]);
        self::assertSame(
            [null, null, null, 3.0, 0.0],
            array_map(static fn (int $i): ?float => $resisted->takenAfter($i, Zone::Edge), [0, 1, 2, 3, 4]),
        );
        self::assertTrue($resisted->met(3)->isUnderResist('a'));
        self::assertFalse($resisted->met(3)->isUnderResist('b'));
        self::assertFalse($resisted->met(4)->isUnderResist('a'), 'released');
        self::assertNull($resisted->endWithoutFilm(1, Zone::Edge), 'a resist');
        self::assertSame('rub', $resisted->met(4)->condition()->soiledBy(Soil::Resist));
        self::assertNull($resisted->met(3)->condition()->soiledBy(Soil::Resist));
    }

    /** An old varnish of 90 µm: how much is left, from when it counts as bare, and what it keeps out. */
    public function testWhatIsLeftOfAnOldFinish(): void
    {
        $surface = self::surface([
            Flat::takes('a', Pattern::even(), 60.0, 60.0),
            Flat::takes('b', Pattern::even(), 21.0, 21.0),
            Flat::takes('c', self::levels([[0.02, 9.0], [0.5, 1.0], [0.48, 0.0]]), 12.0, 12.0),
            Flat::takes('d', Pattern::even(), 20.0, 20.0),
        ], Grain::Open, FinishKind::Varnish);
        $met = static fn (int $i) => $surface->met($i);
        self::assertSame([90.0, 30.0, 9.0], [$met(0)->oldLeft(), $met(1)->oldLeft(), $met(2)->oldLeft()]);
        self::assertSame([false, false, true, true], array_map(static fn (int $i): bool => $met($i)->isBare(), [0, 1, 2, 3]));
        self::assertSame([false, false, true], array_map(static fn (int $i): bool => $met($i)->isOpenWood(), [0, 2, 3]));
        self::assertEqualsWithDelta(3.0, $met(3)->worn(), 1e-9, 'a fiftieth of it is a speck');
        self::assertEqualsWithDelta(23.0, $met(4)->worn(), 1e-9);
        self::assertSame([false, true], [$met(0)->opensPores(), $met(4)->opensPores()]);
        self::assertSame(0.0, $met(0)->filmDepth());
        self::assertSame(1.0, $met(0)->thirst());
    }

    /** What is done leaves dirt or takes it off, gives a key, and marks; a film over it covers all of that. */
    public function testWhatDoesNotBelongThere(): void
    {
        $step = static fn (string $id, mixed ...$more): SurfaceStep => new SurfaceStep(
            ...[
                'id' => $id,
                'effect' => Effect::Alters,
                'pattern' => Pattern::even(),
                'rounds' => 1,
                'film' => null,
                'depth' => 0.0,
                'way' => '',
            ] + $more,
        );
        $marks = new Marks('sand', 120, null, null);
        $surface = self::surface([
            $step('sand', leaves: [Soil::Dust], keys: true, marks: $marks),
            $step('wash', takesOff: [Soil::Dust, Soil::Grease], leaves: [Soil::Rinse]),
            $step('coat', seals: true),
        ], finish: FinishKind::Varnish);
        $found = static fn (int $after): array => array_map(
            static fn (Soil $s): ?string => $surface->conditions[$after]->soiledBy($s),
            [Soil::Grease, Soil::Dust, Soil::Rinse],
        );
        self::assertSame([['', null, null], ['', 'sand', null], [null, null, 'wash'], [null, null, null]], array_map($found, [0, 1, 2, 3]));
        self::assertSame([false, true, true, true], array_column($surface->conditions, 'keyed'));
        self::assertSame([null, $marks, $marks, null], array_column($surface->conditions, 'marks'));
    }

    public function testWhereASurfaceBegins(): void
    {
        $build = Flat::build();
        $patch = static fn (
            Zone $zone,
            Grain $grain,
            FinishKind $finish = FinishKind::Bare,
            SubstrateKind $kind = SubstrateKind::Solid,
        ): Patch => $build
            ->start(Flat::origin($grain, $kind, $finish), $zone)->patches[0];
        self::assertSame([0.0, 1.0, 0.12], [
            $patch(Zone::Field, Grain::Open)->pores,
            $patch(Zone::Pore, Grain::Open)->pores,
            $patch(Zone::Pore, Grain::Close)->pores,
        ]);
        $q = static fn (Patch $p): float => (1 - Flat::inside($p)) ** 2 / (2 * Flat::inside($p));
        self::assertEqualsWithDelta(
            1.5 * $q($patch(Zone::Field, Grain::Open)),
            $q($patch(Zone::Pore, Grain::Open)),
            1e-9,
            'light is lost in pores',
        );
        self::assertSame(Flat::inside($patch(Zone::Field, Grain::Close)), Flat::inside($patch(Zone::Pore, Grain::Close)));
        self::assertSame([0.0, 90.0, 120.0, 20.0, 20.0], array_map(
            static fn (FinishKind $f): float => $patch(Zone::Field, Grain::Close, $f)->old,
            [FinishKind::Bare, FinishKind::Varnish, FinishKind::Paint, FinishKind::Waxed, FinishKind::Unknown],
        ));
        self::assertEqualsWithDelta(
            2 ** 0.9 * $q($patch(Zone::Field, Grain::Close)),
            $q($patch(Zone::Field, Grain::Close, FinishKind::Varnish)),
            1e-9,
        );
        self::assertSame(0.0, $patch(Zone::Field, Grain::None, kind: SubstrateKind::Metal)->ground->porous);
        self::assertCount(3, BuildSurface::zones(Flat::origin(Grain::None, SubstrateKind::Metal)->substrate));
        $steps = static fn (int $n): array => array_fill(0, $n, Flat::takes('t', Pattern::even(), 0.1));
        self::assertSame([256, 256, 240, 32, 128], [
            $build->lay(Flat::origin(), $steps(0))->most,
            $build->lay(Flat::origin(), $steps(15))->most,
            $build->lay(Flat::origin(), $steps(16))->most,
            $build->lay(Flat::origin(), $steps(150))->most,
            $build->lay(Flat::origin(), $steps(15), 0.5)->most,
        ]);
        self::assertSame(1, $build->lay(Flat::origin(), $steps(15), 0.001)->most);
    }

    /** Half as strong a bleach does the root of it; a crystal is whole in as much water as its label says, and at most twice that. */
    public function testBleachesByStrength(): void
    {
        $of = static fn (array $parts): ?array => null === ($b = Bleaching::with((new FlattenMix())->flatten(Analysed::mix($parts))))
            ? null
            : [round($b->wood, 6), round($b->dyes, 6)];
        self::assertNull($of(['water' => '1']));
        self::assertSame([0.45, 0.7], $of(['two-part-bleach' => '1']));
        self::assertSame([round(0.45 ** 0.5, 6), round(0.7 ** 0.5, 6)], $of(['two-part-bleach' => '1', 'water' => '1']));
        $thinned = Analysed::shelf()['oxalic-bleach']->body->largestThinning;
        self::assertSame([Hazard::Acid], array_values(array_filter(
            Analysed::shelf()['oxalic-bleach']->hazards,
            static fn (Hazard $h): bool => Hazard::Acid === $h,
        )));
        self::assertNotNull($thinned);
        $strength = min(2.0, 0.25 * (1 + $thinned));
        self::assertSame([round(0.88 ** $strength, 6), round(0.9 ** $strength, 6)], $of(['oxalic-bleach' => '1', 'water' => '3']));
        self::assertSame([round(0.88 ** 2, 6), round(0.9 ** 2, 6)], $of(['oxalic-bleach' => '1']), 'no more than twice dissolves');
    }
}
