<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Surface;

use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Colour\Spectrum;
use Inlaid\Core\Optics\ColourantKind;
use Inlaid\Core\Piece\FinishKind;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Surface\Condition;
use Inlaid\Core\Surface\Ground;
use Inlaid\Core\Surface\LaidFilm;
use Inlaid\Core\Surface\Patch;
use Inlaid\Core\Surface\Soil;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Grounds, films and patches by themselves, in figures worked out on paper.
 */
final class PatchesTest extends TestCase
{
    public function testGrounds(): void
    {
        $bare = Flat::bare();
        self::assertTrue($bare->isWood());
        self::assertSame([Sheen::Chalky, 0.9, 1.0], [$bare->sheen, $bare->porous, $bare->uptake]);
        $closed = Flat::closed();
        self::assertFalse($closed->isWood());
        self::assertSame([Sheen::Satin, 0.0, 0.15], [$closed->sheen, $closed->porous, $closed->uptake]);
        // What a chalky surface throws back besides: (0.5 − 0.04) ÷ (0.96 · 0.6 + 0.4 · 0.46).
        self::assertEqualsWithDelta(0.46 / 0.76, Ground::bare(Spectrum::even(0.5))->inside->bands[0], 1e-9);
        // And a satin one: (0.5 − 0.018) ÷ (0.982 · 0.6 + 0.4 · 0.482).
        self::assertEqualsWithDelta(0.482 / 0.782, Ground::closed(Spectrum::even(0.5))->inside->bands[0], 1e-9);
        self::assertSame([0.15, 0.0, Sheen::Satin], [$bare->varnished()->uptake, $bare->varnished()->porous, $bare->varnished()->sheen]);
        self::assertSame(0.6, $bare->conditioned()->uptake);
        self::assertSame(0.15, $closed->conditioned()->uptake, 'it never takes up more');
        self::assertSame(Sheen::Chalky, $bare->dulled()->sheen);
        self::assertSame(Sheen::Matt, $closed->dulled()->sheen);
    }

    /** @return iterable<string, array{?Sheen, bool, float, float, Sheen}> */
    public static function surfaces(): iterable
    {
        yield 'chalky' => [Sheen::Chalky, true, 0.3, 0.15, Sheen::Chalky];
        yield 'matt' => [Sheen::Matt, true, 0.12, 0.15, Sheen::Matt];
        yield 'of no sheen of its own' => [null, true, 0.12, 0.15, Sheen::Chalky];
        yield 'eggshell' => [Sheen::Eggshell, true, 0.0, 0.15, Sheen::Eggshell];
        yield 'gloss' => [Sheen::Gloss, true, 0.0, 0.15, Sheen::Gloss];
        yield 'too thin to close it' => [Sheen::Gloss, false, 0.9, 1.0, Sheen::Chalky];
    }

    #[DataProvider('surfaces')]
    public function testAFilmClosesTheGround(?Sheen $sheen, bool $closes, float $porous, float $uptake, Sheen $seen): void
    {
        $under = Flat::bare()->under(Spectrum::even(0.2), $sheen, $closes);
        self::assertSame(
            [0.2, $porous, $uptake, $seen],
            [$under->inside->bands[0], $under->porous, $under->uptake, $under->sheen],
        );
    }

    /** K ÷ S grows by 2^(porous · share): of wood that reflects a half, 0.25, by 2^0.9 where it is soaked. */
    public function testWettingDeepensWhatIsPorous(): void
    {
        $ground = Flat::bare();
        self::assertEqualsWithDelta(2 ** 0.9, $ground->wetting(1.0), 1e-12);
        self::assertEqualsWithDelta(2 ** 0.45, $ground->wetting(0.5), 1e-12);
        self::assertSame(2 ** 0.9, $ground->wetting(3.0), 'no more than soaked');
        self::assertSame(1.0, $ground->wetting(-1.0));
        $half = $ground->wetted(0.5);
        $q = 0.25 * 2 ** 0.45;
        self::assertEqualsWithDelta(1 + $q - sqrt($q * ($q + 2)), $half->inside->bands[0], 1e-12);
        self::assertSame([0.45, 1.0, Sheen::Chalky], [$half->porous, $half->uptake, $half->sheen]);
        self::assertSame(0.0, $ground->wetted(2.0)->porous);
        self::assertSame($ground, $ground->wetted(0.0));
        self::assertSame(Flat::closed()->inside->bands, Flat::closed()->wetted(1.0)->inside->bands, 'what is closed does not');
        $twice = $ground->times(2.0);
        self::assertEqualsWithDelta(1.5 - sqrt(1.25), $twice->inside->bands[0], 1e-12);
        self::assertSame([0.9, 1.0], [$twice->porous, $twice->uptake]);
    }

    public function testGroundsThatNobodyTellsApart(): void
    {
        $at = static fn (float $r): Ground => Flat::bare()->under(Spectrum::even($r), null, false);
        self::assertTrue($at(0.5)->isAs($at(0.5 + 9e-7)));
        self::assertFalse($at(0.5)->isAs($at(0.5 + 2e-6)));
        self::assertFalse($at(0.5)->isAs($at(0.5 - 2e-6)));
        self::assertFalse($at(0.5)->isAs($at(0.5)->conditioned()));
        self::assertFalse(Flat::closed()->isAs(Flat::closed()->dulled()));
        self::assertFalse($at(0.5)->isAs($at(0.5)->under(Spectrum::even(0.5), Sheen::Chalky, true)));
    }

    public function testWhatIsLeftOfAFilm(): void
    {
        $paint = Flat::film('a', dry: 30.0);
        self::assertSame([30.0, 30.0], [$paint->depth(), $paint->depthOfFilm()]);
        $half = $paint->leaving(0.5)->leaving(0.5);
        self::assertSame([7.5, 7.5, 0.25, 100.0], [$half->depth(), $half->depthOfFilm(), $half->share, $half->wet]);
        $dye = Flat::dye('d');
        self::assertSame([60.0, 0.0], [$dye->depth(), $dye->depthOfFilm()], 'it lies in the wood');
        $oil = Flat::clear('o')->onWood([]);
        self::assertSame([90.0, 30.0], [$oil->depth(), $oil->depthOfFilm()]);
        self::assertSame([45.0, 0.0], [$oil->leaving(0.5)->depth(), $oil->leaving(0.5)->depthOfFilm()], 'the film goes first');
        self::assertSame($paint, $paint->onWood([$dye]));
    }

    /** Wood takes up 1 − e^(−x ÷ 0.18) of x floodings' worth of dye, so scaled that a quarter of a coat, one flooding, is just that. */
    public function testWoodTakesUpSoMuchDye(): void
    {
        $taken = static fn (float $x): float => 1 - exp(-$x / 0.18);
        $first = Flat::dye('a')->onWood([]);
        self::assertEqualsWithDelta(25.0, $first->wet, 1e-9);
        $second = Flat::dye('b')->onWood([$first]);
        self::assertEqualsWithDelta(25.0 * ($taken(0.5) - $taken(0.25)) / $taken(0.25), $second->wet, 1e-9);
        $bleached = Flat::dye('c')->onWood([$first->leaving(0.4), Flat::clear('x')]);
        self::assertEqualsWithDelta(25.0 * ($taken(0.35) - $taken(0.1)) / $taken(0.25), $bleached->wet, 1e-9);
        self::assertEqualsWithDelta(25.0 * $taken(0.1) / $taken(0.25), Flat::dye('d', 10.0)->onWood([])->wet, 1e-9);
    }

    public function testFilmsCloseFromAFifthOfACoat(): void
    {
        self::assertTrue(Flat::film('a', wet: 20.0)->closes());
        self::assertFalse(Flat::film('a', wet: 19.9)->closes());
        self::assertFalse(Flat::film('a', wet: 39.0, share: 0.5)->closes());
        self::assertTrue(Flat::film('a', wet: 20.0)->hasOwnSurface());
        self::assertFalse(Flat::film('a', wet: 19.9)->hasOwnSurface());
        self::assertFalse(Flat::film('a', Flat::of(sheen: null))->hasOwnSurface());
        self::assertFalse(Flat::dye('d', 100.0)->closes());
        self::assertFalse(Flat::resist('r')->closes());
    }

    /** @return iterable<string, array{LaidFilm, Ground, float, float, 4?: float}> film, ground, what is inside, how porous, years */
    public static function laid(): iterable
    {
        [$bare, $closed] = [Flat::bare(), Flat::closed()];
        $film = static fn (float $k, float $s, float $wet = 100.0, float $share = 1.0): LaidFilm => Flat::film(
            'f',
            Flat::of(k: $k, s: $s),
            $wet,
            share: $share,
        );
        yield 'what absorbs' => [$film(0.005, 0.0), $closed, 0.3 * exp(-1.0), 0.0];
        yield 'half of it' => [$film(0.005, 0.0, 100.0, 0.5), $closed, 0.3 * exp(-0.5), 0.0];
        yield 'what scatters' => [$film(0.0, 0.01), $closed, (0.3 + 0.7) / (1 + 0.7), 0.0];
        yield 'a thin film that scatters, on wood' => [$film(0.0, 0.01, 10.0), $bare, (0.5 + 0.05) / (1 + 0.05), 0.9];
        yield 'a resist' => [Flat::resist('r'), $bare, 0.5, 0.9];
        yield 'a dye in wood' => [Flat::dye('d', 25.0), $bare, 0.5 * exp(-1.0), 0.9];
        yield 'a dye on what is closed' => [Flat::dye('d', 25.0), $closed, 0.3 * exp(-0.15), 0.0];
        $q = 0.25 * 2 ** 0.9;
        yield 'a clear coat on wood' => [Flat::clear('c'), $bare, 1 + $q - sqrt($q * ($q + 2)), 0.0];
        $q = 0.25 * 2 ** (0.9 * 0.5);
        yield 'too little clear to fill it' => [Flat::clear('c', 10.0), $bare, 1 + $q - sqrt($q * ($q + 2)), 0.45];
        yield 'a clear coat on what is closed' => [Flat::clear('c'), $closed, 0.3, 0.0];
        $ambers = 0.02 * (1 - exp(-2.0));
        yield 'amber after six years' => [Flat::clear('c', yellows: 0.02), $closed, 0.3 * exp(-2 * $ambers * 100), 0.0, 6.0];
        yield 'amber when new' => [Flat::clear('c', yellows: 0.02), $closed, 0.3, 0.0];
        yield 'clear for good' => [Flat::clear('c'), $closed, 0.3, 0.0, 6.0];
        $flakes = static fn (float $wet, float $share = 1.0): LaidFilm => Flat::film(
            'f',
            Flat::of(ColourantKind::Flake),
            $wet,
            share: $share,
        );
        yield 'a coat of flakes covers nine tenths' => [$flakes(100.0), $closed, 0.9 * 0.8 + 0.1 * 0.3, 0.0];
        yield 'two coats of them' => [$flakes(200.0), $closed, 0.99 * 0.8 + 0.01 * 0.3, 0.0];
        yield 'half of two' => [$flakes(200.0, 0.5), $closed, 0.9 * 0.8 + 0.1 * 0.3, 0.0];
        yield 'only its kind was asked for' => [Flat::film('f', Flat::of(k: 0.5, isSeen: false)), $closed, 0.3, 0.0];
    }

    #[DataProvider('laid')]
    public function testWhatAFilmMakesOfTheGround(LaidFilm $film, Ground $on, float $inside, float $porous, float $years = 0.0): void
    {
        $over = $film->over($on, $years);
        self::assertEqualsWithDelta($inside, $over->inside->bands[0], 1e-9);
        self::assertEqualsWithDelta($porous, $over->porous, 1e-9);
        if (0.0 === $years) {
            [$deepens, $map] = $film->makesOf($on);
            $made = $on->times($deepens);
            self::assertEqualsWithDelta($inside, (null === $map ? $made->inside : $map->over($made->inside))->bands[0], 1e-9);
            self::assertSame(
                $film->of->isSeen && !\in_array($film->of->kind, [ColourantKind::Clear, ColourantKind::Resist], true),
                null !== $map,
            );
        }
    }

    public function testFilmsUponFilms(): void
    {
        $patch = Flat::wood()->with(Flat::film('a'))->with(Flat::film('b', Flat::of(k: 0.005)));
        self::assertSame(['a', 'b'], array_column($patch->films, 'stepId'));
        // (0.5 + 0.5) ÷ (1 + 0.5) of the first; e^−1 of that through the second.
        self::assertEqualsWithDelta(exp(-1) / 1.5, Flat::inside($patch), 1e-9);
        self::assertSame([60.0, 0.0, 1.0], [$patch->depthOfFilms(), $patch->worn, $patch->drinks()]);
        self::assertFalse($patch->isOpenWood());
        self::assertSame(20.0 + 30.0, Flat::wood(old: 20.0)->with(Flat::film('a'))->depthOfFilms());
        self::assertTrue($patch->has('b') && !$patch->has('c'));
        self::assertSame([1.5, 0.0], [$patch->left(['a' => 1.5]), $patch->left([])]);
        self::assertSame(2.0, $patch->without(15.0)->left(['a' => 1.0, 'b' => 2.0]));
        self::assertSame(0.25, $patch->part(0.5)->part(0.5)->share);
        $joined = $patch->part(0.5)->joinedBy(Flat::wood()->without(5.0, 5.0)->part(0.25));
        self::assertSame([0.75, 5.0], [$joined->share, $joined->worn]);
        self::assertSame(['rim' => [0.2, 0.4], 'top' => [0.0, 0.5]], $patch->lying('top', 0.0, 0.5)->lying('rim', 0.2, 0.4)->at);
        self::assertSame(-0.5, $patch->standing(-0.5)->height);
    }

    /** Taken off from above: films first, then what is left of an old finish, then wood. */
    public function testWhatIsTakenOff(): void
    {
        $patch = Flat::wood(old: 40.0)->with(Flat::film('a'))->with(Flat::film('b', Flat::of(k: 0.005), dry: 20.0));
        self::assertSame($patch, $patch->without(0.0));
        $scuffed = $patch->without(5.0);
        self::assertSame([1.0, 0.75], array_column($scuffed->films, 'share'));
        self::assertSame(Sheen::Matt, $scuffed->ground->sheen, 'dulled');
        $through = $patch->without(20.0);
        self::assertSame(['a'], array_column($through->films, 'stepId'));
        self::assertEqualsWithDelta(1 / 1.7, Flat::inside($through), 1e-9);
        $old = $patch->without(65.0, 65.0);
        self::assertSame([[], 25.0, 0.0], [$old->films, $old->old, $old->worn]);
        self::assertSame(0.3, Flat::inside($old));
        self::assertFalse($old->isOpenWood());
        $bare = $patch->without(95.0, 95.0);
        self::assertSame([0.0, 5.0, 0.5], [$bare->old, $bare->worn, Flat::inside($bare)]);
        self::assertTrue($bare->isOpenWood());
        self::assertSame(8.0, $bare->without(3.0, 3.0)->worn, 'and more of it');
        self::assertSame(0.0, $patch->without(95.0, 90.0)->worn, 'just to the wood');
        self::assertSame(2.0, $patch->without(200.0, 92.0)->worn, 'a stripper goes deeper than it cuts');
        // An oil that soaked in is reached after its film; half of what is left when 45 of 90 µm are gone.
        $oiled = Flat::wood()->with(Flat::clear('o'))->without(45.0);
        self::assertSame([0.5, 0.0], [$oiled->films[0]->share, $oiled->depthOfFilms()]);
    }

    public function testWhatLiesOnAResistGoesWithIt(): void
    {
        $patch = Flat::wood()->with(Flat::film('a'))->with(Flat::resist('r'))->with(Flat::film('b'));
        self::assertSame(1, $patch->resist());
        $released = $patch->released();
        self::assertSame(['a'], array_column($released->films, 'stepId'));
        self::assertNull($released->resist());
        self::assertSame($released, $released->released());
    }

    public function testWoodThatDrinks(): void
    {
        $wood = Flat::wood();
        self::assertTrue($wood->isOpenWood());
        self::assertSame([1.2, 1.0, 1.0], [$wood->drinks(), $wood->takesUp(), $wood->thirst()]);
        // A finer paper leaves less of it: 0.19 for each doubling of the grit.
        self::assertEqualsWithDelta(0.81, $wood->sanded(360)->takesUp(), 1e-9);
        self::assertEqualsWithDelta(1.2 * (1 - 0.19 * log(240 / 180, 2)), $wood->sanded(240)->drinks(), 1e-9);
        self::assertEqualsWithDelta(1.2 * (1 + 0.19 * log(1.5, 2)), Flat::wood(lastGrit: 120)->drinks(), 1e-9);
        self::assertSame(1.0, $wood->sanded(400)->drinks(), 'but no less than a sealed one');
        $thirsty = Flat::wood(absorption: 2.4);
        self::assertSame([2.4, 2.0, 2.0], [$thirsty->drinks(), $thirsty->thirst(), $thirsty->takesUp()]);
        self::assertSame(2.4, $thirsty->sanded(400)->drinks(), 'measured is measured');
        $even = $thirsty->conditioned();
        $painted = $thirsty->with(Flat::film('a'));
        self::assertSame([1.0, 0.6], [$even->thirst(), $even->ground->uptake]);
        self::assertSame([1.0, 1.0, 1.0], [
            $painted->drinks(), $painted->thirst(), $painted->takesUp(),
        ]);
        self::assertSame([1.0, 2.0], [Flat::wood(old: 30.0)->drinks(), Flat::wood(old: 30.0, absorption: 2.0)->drinks()]);
        $closed = Flat::wood(old: 30.0);
        self::assertSame($closed, $closed->conditioned());
    }

    public function testBleachTakesTheColourOfOpenWood(): void
    {
        $dyed = Flat::wood()->with(Flat::dye('d'));
        // K ÷ S of the wood 0.25, halved; of the dye a quarter of its e^−1.
        $bleached = $dyed->bleached(0.5, 0.25);
        $q = 0.125;
        self::assertEqualsWithDelta((1 + $q - sqrt($q * ($q + 2))) * exp(-0.25), Flat::inside($bleached), 1e-9);
        self::assertSame(0.25, $bleached->films[0]->share);
        $painted = Flat::wood()->with(Flat::film('a'));
        self::assertSame($painted, $painted->bleached(0.5, 0.25));
        $oiled = Flat::wood()->with(Flat::clear('c', 5.0));
        self::assertSame(1.0, $oiled->bleached(0.5, 0.25)->films[0]->share, 'only dyes');
    }

    public function testPoresAreBrushedOpenAndFilled(): void
    {
        $open = Flat::wood(pores: 1.0);
        self::assertSame(1.6, $open->brushed()->pores);
        self::assertSame(0.2, Flat::wood(pores: 0.12)->brushed()->pores, 'close grain has next to none');
        self::assertSame(1.6, Flat::wood(pores: 0.5)->brushed()->pores);
        $flat = Flat::wood();
        self::assertSame($flat, $flat->brushed());
        $filled = $open->with(Flat::film('a', dry: 25.0));
        self::assertEqualsWithDelta(exp(-1.0), $filled->pores, 1e-9);
        self::assertSame($filled, $filled->brushed(), 'closed wood is not opened');
        self::assertFalse($filled->canBeBrushed());
        $cleared = $open->brushed()->with(Flat::film('a', dry: 25.0));
        self::assertEqualsWithDelta(1.6 * exp(-1.0), $cleared->pores, 1e-9);
        self::assertTrue($cleared->canBeBrushed());
        self::assertSame(1.6, $cleared->brushed()->pores, 'what was open is cleared');
        self::assertSame(0.0, Flat::wood()->with(Flat::film('a'))->pores);
    }

    /** The end without one film equals laying all the others, where the wood is closed. */
    public function testTheEndWithoutEachFilm(): void
    {
        $films = [
            Flat::film('a'),
            Flat::film('b', Flat::of(k: 0.003, s: 0.002, sheen: Sheen::Eggshell)),
            Flat::clear('c', 60.0),
            Flat::film('d', Flat::of(ColourantKind::Flake), 15.0),
            Flat::film('e', Flat::of(k: 0.002), 60.0),
        ];
        $lay = static fn (array $of): Patch => array_reduce(
            $of,
            static fn (Patch $p, LaidFilm $f): Patch => $p->with($f),
            Flat::wood(old: 40.0),
        );
        $without = $lay($films)->withoutEach();
        foreach ($films as $i => $film) {
            $others = $lay(array_values(array_filter($films, static fn (LaidFilm $f): bool => $f !== $film)));
            $told = $without[$film->stepId] ?? self::fail($film->stepId);
            self::assertEqualsWithDelta(Flat::inside($others), Flat::inside($told), 1e-9, "without $i");
            self::assertSame($others->ground->sheen, $told->ground->sheen, "without $i");
        }
        $onWood = Flat::wood()->with(Flat::dye('d'))->with(Flat::film('a'))->with(Flat::film('b', Flat::of(k: 0.005)))->withoutEach();
        self::assertSame([true, true, false], [null === $onWood['d'], null === $onWood['a'], null === $onWood['b']]);
    }

    public function testWhatHidesAFilm(): void
    {
        $dark = Flat::film('dark', Flat::of(k: 0.01));
        $thin = Flat::film('thin', Flat::of(s: 0.005));
        $thick = Flat::film('thick', Flat::of(s: 5.0));
        $patch = Flat::wood(old: 40.0)->with($dark)->with($thin)->with($thick)->with(Flat::film('last', Flat::of(k: 0.001)));
        self::assertSame('thick', $patch->hiddenBy('dark', 1.0));
        self::assertNull(Flat::wood(old: 40.0)->with($dark)->with($thin)->hiddenBy('dark', 1.0));
        self::assertNull($patch->hiddenBy('last', 1.0));
        self::assertNull($patch->hiddenBy('none', 1.0));
        self::assertSame('thin', $patch->hiddenBy('dark', 60.0), 'to whom sees little');
        // Under a black coat nothing is seen, but what is seen through it again counts.
        self::assertSame('last', $patch->hiddenBy('thick', 60.0));
    }

    public function testAfterYears(): void
    {
        $patch = Flat::wood(old: 40.0)->with(Flat::clear('c', yellows: 0.002));
        self::assertEquals($patch->light(), $patch->light(0.0));
        self::assertLessThan(0.9 * $patch->light()->blue, $patch->light(10.0)->blue);
        self::assertLessThan($patch->light(1.0)->blue, $patch->light(3.0)->blue);
        self::assertSame($patch->hex(), $patch->light()->colour()->hex);
    }

    public function testPatchesThatEndAlike(): void
    {
        $one = Flat::wood()->part(0.5);
        self::assertTrue($one->endsAs(Flat::wood()->part(0.5 + 1e-10)));
        self::assertFalse($one->endsAs(Flat::wood()->part(0.5 + 1e-8)));
        self::assertFalse($one->endsAs($one->standing(0.1)));
        self::assertFalse($one->endsAs($one->lying('top', 0.0, 0.5)));
        self::assertFalse($one->endsAs($one->with(Flat::film('a'))));
    }

    /** @return iterable<string, array{FinishKind, SubstrateKind, Grain, list<?string>, bool}> */
    public static function surveyed(): iterable
    {
        yield 'bare wood' => [FinishKind::Bare, SubstrateKind::Solid, Grain::Close, [null, null], true];
        yield 'metal' => [FinishKind::Bare, SubstrateKind::Metal, Grain::None, ['', null], false];
        yield 'laminate' => [FinishKind::Bare, SubstrateKind::Laminate, Grain::None, ['', null], false];
        yield 'wax' => [FinishKind::Waxed, SubstrateKind::Solid, Grain::Close, ['', ''], true];
        yield 'oil' => [FinishKind::Oiled, SubstrateKind::Solid, Grain::Close, ['', null], true];
        yield 'varnish' => [FinishKind::Varnish, SubstrateKind::Solid, Grain::Close, ['', null], false];
    }

    /** @param list<?string> $soils */
    #[DataProvider('surveyed')]
    public function testWhatTheSurveyFinds(FinishKind $finish, SubstrateKind $kind, Grain $grain, array $soils, bool $keyed): void
    {
        $condition = Condition::surveyed(Flat::origin($grain, $kind, $finish));
        self::assertSame($soils, [
            $condition->soiledBy(Soil::Grease),
            $condition->soiledBy(Soil::Wax),
        ]);
        self::assertSame($keyed, $condition->keyed);
        self::assertNull($condition->marks);
        self::assertNull($condition->soiledBy(Soil::Silicone));
    }
}
