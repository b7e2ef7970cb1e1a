<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Look;

use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\FirstSurface;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\Optics;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Look\JudgeLook;
use Inlaid\Core\Look\Liveliness;
use Inlaid\Core\Look\LookEffect;
use Inlaid\Core\Look\LookSoftened;
use Inlaid\Core\Optics\Colourant;
use Inlaid\Core\Optics\ColourantKind;
use Inlaid\Core\Surface\FilmOf;
use Inlaid\Core\Surface\LaidSurface;
use Inlaid\Core\Surface\SurfaceStep;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Zone;
use Inlaid\Tests\Core\Surface\Flat;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * What a step adds and what is left of it, on films that can be worked out on paper.
 */
final class JudgeLookTest extends TestCase
{
    private static function laid(SurfaceStep ...$steps): LaidSurface
    {
        return Flat::build()->lay(Flat::origin(), array_values($steps));
    }

    private static function white(float $s = 5.0): Colourant
    {
        return Flat::of(s: $s);
    }

    private static function dark(float $k = 0.05): Colourant
    {
        return Flat::of(k: $k);
    }

    /** @param list<array{float, float}> $field */
    private static function flat(array $field, float $edge = 0.0, Spread $spread = Spread::Motifs): Pattern
    {
        \assert([] !== $field);

        return Pattern::of($spread, $field, [[1.0, $edge]], [[1.0, 0.0]], [[1.0, 0.0]]);
    }

    public function testWhatAFilmAdds(): void
    {
        $look = self::laid(
            Flat::lays('base', Pattern::even(), self::white(0.05)),
            Flat::lays('edges', self::flat([[1.0, 0.0]], 1.0), self::dark(0.001)),
            Flat::lays('thin', self::flat([[1.0, 1.0]], 0.0), self::dark(0.0005)),
        );
        $judge = new JudgeLook();
        $effect = $judge->byItsFilm($look, 1) ?? self::fail('its film tells');
        $apart = $look->after(1, Zone::Edge)->apart($look->ahead(1, Zone::Edge));
        self::assertSame(['edges', Zone::Edge, round($apart, 2), round($apart, 2), false, null], [
            $effect->stepId, $effect->zone, $effect->most, $effect->remains, $effect->lost, $effect->buriedBy,
        ]);
        self::assertNull($judge->byItsFilm($look, 0), 'on open wood more follows from it');
        self::assertEquals($effect, $judge->effect($look, 1), 'as leaving it out to the end tells');
        $all = $judge->effects($look, [1, 2, 0]);
        self::assertSame(['base', 'edges', 'thin'], array_map(static fn (LookEffect $e): string => $e->stepId, $all), 'in order');
        self::assertSame(['edges'], array_map(static fn (LookEffect $e): string => $e->stepId, $judge->effects($look, [1])));
    }

    public function testWhatIsBuried(): void
    {
        $look = self::laid(
            Flat::lays('base', Pattern::even(), self::white(0.05)),
            Flat::lays('glaze', self::flat([[0.5, 1.0], [0.5, 0.0]]), self::dark(0.002)),
            Flat::lays('veil', Pattern::even(), self::dark(0.0001)),
            Flat::lays('cover', Pattern::even(), Flat::of(k: 0.5, s: 2.0)),
            Flat::lays('last', Pattern::even(), Flat::of(k: 0.5, s: 2.0)),
        );
        $judge = new JudgeLook();
        $effect = $judge->effect($look, 1);
        self::assertSame(['glaze', 0.0, true, 'cover'], [$effect->stepId, $effect->remains, $effect->lost, $effect->buriedBy]);
        self::assertSame(round($look->after(1, Zone::Field)->apart($look->ahead(1, Zone::Field)), 2), $effect->most);
        self::assertSame('cover', $judge->byItsFilm($look, 1)?->buriedBy);
        $last = $judge->effect($look, 4);
        self::assertSame([true, 'last', 0.0, null], [$last->lost, $last->stepId, $last->most, $last->buriedBy], 'never seen at all');
    }

    /** Rubbed off it is lost to what rubbed it; and the step that rubs is seen. */
    public function testWhatIsTakenOffAgain(): void
    {
        $look = self::laid(
            Flat::lays('base', Pattern::even(), self::white(0.05)),
            Flat::lays('top', Pattern::even(), self::dark(0.01)),
            Flat::takes('strip', Pattern::even(), 30.0),
        );
        $effect = (new JudgeLook())->effect($look, 2);
        self::assertSame('strip', $effect->stepId);
        self::assertFalse($effect->lost);
        $apart = $look->end(Zone::Field)->apart($look->after(1, Zone::Field));
        self::assertSame([round($apart, 2), round($apart, 2)], [$effect->most, $effect->remains]);
        self::assertSame('strip', (new JudgeLook())->byItsFilm($look, 1)?->buriedBy);
        self::assertNull((new JudgeLook())->byItsFilm($look, 2), 'it lays no film');
    }

    /** What is nearly lost, or just not, is laid again to be sure; under 0.625 and over 1.6 its film tells. */
    #[TestWith([0.00001, true])]
    #[TestWith([0.00009, true])]
    #[TestWith([0.0001, false])]
    #[TestWith([0.0002, false])]
    #[TestWith([0.00024, false])]
    #[TestWith([0.00026, true])]
    public function testWhatIsNearlyLostIsLaidAgain(float $k, bool $told): void
    {
        $look = self::laid(
            Flat::lays('base', Pattern::even(), self::white(0.05)),
            Flat::lays('veil', Pattern::even(), self::dark($k)),
        );
        $apart = $look->after(1, Zone::Field)->apart($look->ahead(1, Zone::Field));
        self::assertSame($told, $apart <= 1 / 1.6 || $apart >= 1.6, "ΔE $apart");
        self::assertSame($told, null !== (new JudgeLook())->byItsFilm($look, 1), "ΔE $apart");
        self::assertSame($apart < 1.0, (new JudgeLook())->effect($look, 1)->lost);
    }

    /** A difference of the whole zone counts first; below ΔE 1 a patch that has no like does. */
    public function testWhatRemainsOfADifference(): void
    {
        $look = self::laid(
            Flat::lays('base', Pattern::even(), self::white(0.05)),
            Flat::lays('speck', self::flat([[0.04, 1.0], [0.96, 0.0]]), self::dark(0.001)),
            Flat::lays('fleck', self::flat([[0.3, 1.0], [0.7, 0.0]]), self::dark(0.01)),
        );
        [$bare, $specks, $flecks] = [$look->after(0, Zone::Field), $look->after(1, Zone::Field), $look->after(2, Zone::Field)];
        self::assertLessThan(1.0, $specks->apart($bare));
        self::assertSame(max($specks->unlike($bare), $bare->unlike($specks)), JudgeLook::remains($specks, $bare));
        self::assertSame(JudgeLook::remains($specks, $bare), JudgeLook::remains($bare, $specks));
        self::assertGreaterThan(1.0, JudgeLook::remains($specks, $bare));
        self::assertSame($flecks->apart($bare), JudgeLook::remains($flecks, $bare));
    }

    /** Done right after a later step: the mean of laying it there. */
    public function testAStepDoneLater(): void
    {
        $steps = [
            Flat::lays('base', Pattern::even(), self::white(0.05)),
            Flat::lays('glaze', self::flat([[0.5, 1.0], [0.5, 0.0]]), self::dark(0.002)),
            Flat::lays('cover', Pattern::even(), self::white(0.05)),
            Flat::lays('veil', Pattern::even(), self::dark(0.0001)),
        ];
        $look = self::laid(...$steps);
        $judge = new JudgeLook();
        $later = self::laid($steps[0], $steps[2], $steps[1], $steps[3]);
        $effect = $judge->effectAt($look, 1, 2, Zone::Field, $look->leftOut(1, Zone::Field));
        $at = $judge->effect($later, 2);
        self::assertSame(
            [$at->most, $at->remains, $at->lost, $at->buriedBy],
            [$effect->most, $effect->remains, $effect->lost, $effect->buriedBy],
        );
        $last = $judge->effectAt($look, 1, 3, Zone::Field, $look->leftOut(1, Zone::Field));
        $at = $judge->effect(self::laid($steps[0], $steps[2], $steps[3], $steps[1]), 3);
        self::assertSame([$at->most, $at->remains], [$last->most, $last->remains]);
    }

    /** 24 patches for 15 steps, no fewer than 16, less where the room is shared. */
    public function testByHowManyPatchesStepsAreJudged(): void
    {
        $many = static fn (int $steps, float $share = 1.0): LaidSurface => Flat::build()->lay(
            Flat::origin(),
            [
                Flat::lays(
                    'a',
                    Pattern::of(Spread::Motifs, array_fill(0, 60, [1 / 60, 1.0]), [[1.0, 1.0]], [[1.0, 1.0]], [[1.0, 1.0]]),
                    Flat::of(s: 0.01),
                ),
                ...array_fill(0, $steps - 1, Flat::takes('t', Pattern::even(), 0.0)),
            ],
            $share,
        );
        self::assertSame([54, 24, 16, 60], [
            JudgeLook::fewEnough($many(10))->most,
            JudgeLook::fewEnough($many(15))->most,
            JudgeLook::fewEnough($many(40))->most,
            \count(JudgeLook::fewEnough($many(2))->end(Zone::Field)->patches),
        ]);
        self::assertSame(12, JudgeLook::fewEnough($many(15, 0.5))->most);
        self::assertSame(1, JudgeLook::fewEnough($many(15, 0.01))->most);
    }

    private static function lively(float ...$coats): LaidSurface
    {
        return self::laid(
            Flat::lays('base', Pattern::even(), self::white(0.05)),
            Flat::lays('marks', self::flat([[0.5, 1.0], [0.5, 0.0]], 2.0), self::dark(0.002)),
            ...array_map(
                static fn (float $wet, int $i): SurfaceStep => Flat::lays("veil$i", Pattern::even(), self::white(0.05), wet: $wet),
                array_values($coats),
                array_keys(array_values($coats)),
            ),
        );
    }

    public function testLivelinessIsContrastAndWhatStandsOut(): void
    {
        $look = self::lively(10.0);
        $now = Liveliness::of($look, 2);
        $flat = $look->after(1, Zone::Field);
        self::assertSame($flat->contrast(), $now->flat());
        self::assertEqualsWithDelta(DeltaE2000::between($look->after(1, Zone::Edge)->lab(), $flat->lab()), $now->by['edge'], 1e-12);
        self::assertEqualsWithDelta(array_sum($now->by), $now->sum(), 1e-12);
        self::assertSame(0.0, Liveliness::of($look, 0)->sum());
        self::assertEqualsWithDelta(Liveliness::of($look, 3)->sum(), Liveliness::between([
            'field' => $look->end(Zone::Field), 'edge' => $look->end(Zone::Edge),
            'recess' => $look->end(Zone::Recess), 'pore' => $look->end(Zone::Pore),
        ])->sum(), 1e-12);
    }

    /** More than a third of it gone, and a quarter of all, is told; what nobody saw is not, nor what runs out along a way. */
    public function testWhatEvensOut(): void
    {
        $judge = new JudgeLook();
        $told = static fn (float $wet): array => $judge->softened(self::lively($wet), [1], [2]);
        $flat = static fn (float $wet, int $doing): float => Liveliness::of(self::lively($wet), $doing)->flat();
        $lost = static fn (float $wet): float => 1 - $flat($wet, 3) / $flat($wet, 2);
        foreach ([2.0, 5.0, 8.0, 12.0, 20.0, 40.0] as $wet) {
            self::assertSame($lost($wet) > 1 / 3, isset($told($wet)[0]->lost['field']), "$wet µm");
        }
        $soft = $told(20.0)[0];
        self::assertSame(['veil0', round($lost(20.0), 3)], [$soft->stepId, $soft->lost['field']]);
        self::assertSame([], $judge->softened(self::lively(20.0), [2], [2]), 'nothing was made lively before');
        self::assertSame([], $judge->softened(self::lively(20.0), [1], [1]));
        $placed = self::laid(
            Flat::lays('base', Pattern::even(), self::white(0.05)),
            Flat::lays('marks', self::flat([[0.5, 1.0], [0.5, 0.0]], 2.0), self::dark(0.002)),
            Flat::lays(
                'fades',
                Pattern::of(Spread::Placed, [[0.9, 1.0], [0.1, 0.9]], [[1.0, 1.0]], [[1.0, 1.0]], [[1.0, 1.0]]),
                self::white(0.05),
                wet: 20.0,
            ),
        );
        self::assertSame([], $judge->softened($placed, [1], [2]));
        // Done before the marks it would have left all of them.
        self::assertGreaterThan(0.95 * Liveliness::of(self::lively(20.0), 2)->sum(), $judge->livelinessIf(self::lively(20.0), 2, 1)->sum());
        self::assertEqualsWithDelta(
            Liveliness::of(self::lively(20.0), 3)->sum(),
            $judge->livelinessIf(self::lively(20.0), 2, 2)->sum(),
            1e-9,
        );
    }

    /** @param array<string, float> $lost */
    #[TestWith([['field' => 0.5], 'evens out the flat: half of its liveliness is gone'])]
    #[TestWith([['field' => 0.4, 'edge' => 0.6], 'evens out the flat: a third of its liveliness is gone; edges stand out two thirds less'])]
    #[TestWith([['edge' => 0.45, 'recess' => 0.5], 'makes edges and recesses stand out half less'])]
    #[TestWith([['field' => 0.449], 'evens out the flat: a third of its liveliness is gone'])]
    #[TestWith([['field' => 0.8], 'evens out the flat: nearly all of its liveliness is gone'])]
    #[TestWith([['pore' => 0.9], 'makes pores stand out much less'])]
    #[TestWith([['pore' => 0.79], 'makes pores stand out two thirds less'])]
    public function testHowMuchIsGone(array $lost, string $says): void
    {
        self::assertSame($says, (new LookSoftened('s', $lost))->inWords());
    }

    /** Of dark ground under a film that lets through: what is left of the way to where it would hide. */
    public function testHowMuchOfTheGroundShows(): void
    {
        $judge = new JudgeLook();
        $base = Flat::lays('base', Pattern::even(), self::dark(0.05));
        $cover = static fn (Pattern $p, float $wet = 100.0): LaidSurface => self::laid(
            $base,
            Flat::lays('top', $p, Flat::of(k: 0.001, s: 0.01), wet: $wet),
        );
        $even = $cover(Pattern::even());
        $from = $even->ahead(1, Zone::Field)->lab();
        $film = Flat::film('x', Flat::of(k: 0.001, s: 0.01), 100_000.0);
        $hidden = $even->ahead(1, Zone::Field)->patches[0]->with($film)->lab();
        $shows = 1 - DeltaE2000::between($from, $even->end(Zone::Field)->lab()) / DeltaE2000::between($from, $hidden);
        self::assertEqualsWithDelta($shows, $judge->shows($even, 1), 1e-9);
        self::assertEqualsWithDelta(0.25 + 0.75 * $shows, $judge->shows($cover(self::flat([[0.75, 1.0], [0.25, 0.0]])), 1), 1e-9);
        self::assertEqualsWithDelta(1.0, $judge->shows($even, 1, Flat::lays('top', Pattern::even(field: 0.0), Flat::of(s: 0.01))), 1e-9);
        self::assertNull($judge->shows($even, 1, Flat::lays('top', Pattern::even(), Flat::of(k: 5.0))), 'as dark as what was there');
        self::assertNull($judge->shows(self::laid($base, Flat::takes('t', Pattern::even(), 1.0)), 1));
        self::assertNull(
            $judge->shows(self::laid($base, Flat::lays('c', Pattern::even(), Flat::of(ColourantKind::Clear))), 1),
            'no colour',
        );
        // Half of the ground is as light as the film already: the other half tells.
        $mixed = self::laid(
            $base,
            Flat::lays('light', self::flat([[0.5, 1.0], [0.5, 0.0]]), Flat::of(k: 0.01, s: 0.1), wet: 1000.0),
            Flat::lays('top', Pattern::even(), Flat::of(k: 0.001, s: 0.01)),
        );
        self::assertEqualsWithDelta($shows, $judge->shows($mixed, 2), 1e-6);
        $most = self::laid(
            $base,
            Flat::lays('light', self::flat([[0.6, 1.0], [0.4, 0.0]]), Flat::of(k: 0.01, s: 0.1), wet: 1000.0),
            Flat::lays('top', Pattern::even(), Flat::of(k: 0.001, s: 0.01)),
        );
        self::assertNull($judge->shows($most, 2), 'most of it tells nothing');
    }

    /** Two colours worked into one another: half of each in the middle, and how much duller that is than they are. */
    public function testWhatABlendMakesInTheMiddle(): void
    {
        $fades = static fn (Colourant $of): SurfaceStep => new SurfaceStep(
            'fades',
            Effect::Adds,
            Pattern::of(Spread::Placed, [[0.2, 1.0], [0.5, 0.5], [0.3, 0.0]], [[1.0, 1.0]], [[1.0, 1.0]], [[1.0, 1.0]]),
            1,
            new FilmOf('fades', $of, 100.0, 30.0),
            0.0,
            'from the top',
        );
        $split = static fn (float $one, float $other): Colourant => new Colourant(
            ColourantKind::Film,
            Optics::of([...array_fill(0, 18, $one), ...array_fill(0, 18, $other)], array_fill(0, 36, 0.1)),
            null,
            null,
            0.0,
            100.0,
        );
        [$red, $blue] = [$split(0.5, 0.005), $split(0.005, 0.5)];
        $look = self::laid(Flat::lays('base', Pattern::even(), $blue), $fades($red));
        $blend = (new JudgeLook())->blend($look, 1) ?? self::fail('a blend');
        self::assertSame(['fades', 'from the top', 0.2, 0.7], [$blend->stepId, $blend->way, $blend->from, $blend->to]);
        $seen = static fn (Optics $o) => FirstSurface::of(Sheen::Matt)->observed($o->masstone());
        $chroma = static fn (Optics $o): float => hypot($seen($o)->lab()->a, $seen($o)->lab()->b);
        $middle = Optics::mix([[$red->optics, 0.5], [$blue->optics, 0.5]]);
        self::assertSame($seen($middle)->light()->colour()->hex, $blend->middle);
        self::assertSame(round(($chroma($red->optics) + $chroma($blue->optics)) / 2 - $chroma($middle), 1), $blend->mud);
        self::assertGreaterThan(10.0, $blend->mud);
        $clear = self::laid(
            Flat::lays('base', Pattern::even(), $blue),
            Flat::lays('c', Pattern::even(), Flat::of(ColourantKind::Clear)),
            $fades($red),
        );
        self::assertSame($blend->middle, (new JudgeLook())->blend($clear, 2)?->middle, 'through a clear coat');
        self::assertNull((new JudgeLook())->blend($look, 0), 'nothing is under it');
        self::assertNull(
            (new JudgeLook())->blend(self::laid(Flat::lays('base', Pattern::even(), $blue), Flat::lays('all', Pattern::even(), $red)), 1),
        );
        self::assertNull((new JudgeLook())->blend(self::laid($fades($red)), 0));
        self::assertNull(
            (new JudgeLook())->blend(self::laid(Flat::lays('base', Pattern::even(), $blue), $fades(Flat::of(ColourantKind::Flake))), 1),
        );
    }

    /** As many coats as bring it within ΔE 1 of an endless film, found by trying one after another. */
    #[TestWith([0.2, 1])]
    #[TestWith([0.05, 1])]
    #[TestWith([0.02, 1])]
    #[TestWith([0.005, 2])]
    #[TestWith([0.001, 1])]
    public function testHowManyCoatsHide(float $s, int $rounds): void
    {
        $of = Flat::of(k: $s / 4, s: $s);
        $step = Flat::lays('top', Pattern::even(), $of, $rounds, 100.0 * $rounds);
        $look = self::laid(Flat::lays('base', Pattern::even(), self::dark(0.05)), $step);
        $ground = $look->ahead(1, Zone::Field)->patches[0];
        $after = static fn (float $coats): Lab => $ground->with(Flat::film('x', $of, 100.0 * $coats))->lab();
        $endless = $after(1000.0 * $rounds);
        $coats = null;
        for ($n = 12; $n >= $rounds && DeltaE2000::between($after($n), $endless) <= 1.0; --$n) {
            $coats = $n;
        }
        $hides = (new JudgeLook())->hides($look, 1) ?? self::fail('it colours');
        self::assertSame($coats, $hides->coats);
        self::assertSame(round(DeltaE2000::between($after($rounds), $endless), 2), $hides->off);
    }

    public function testWhatHidesNothing(): void
    {
        $judge = new JudgeLook();
        self::assertNull($judge->hides(self::laid(Flat::takes('t', Pattern::even(), 1.0)), 0));
        self::assertNull($judge->hides(self::laid(Flat::lays('c', Pattern::even(), Flat::of(ColourantKind::Clear))), 0));
        self::assertNull($judge->hides(self::laid(Flat::lays('d', Pattern::even(), Flat::of(ColourantKind::Dye))), 0));
        self::assertNotNull($judge->hides(self::laid(Flat::lays('f', Pattern::even(), Flat::of(ColourantKind::Flake))), 0));
    }
}
