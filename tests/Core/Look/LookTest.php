<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Look;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\FirstSurface;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\Light;
use Inlaid\Core\Colour\NameColour;
use Inlaid\Core\Colour\Optics;
use Inlaid\Core\Colour\RecoverSpectrum;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Look\JudgeLook;
use Inlaid\Core\Look\LookEffect;
use Inlaid\Core\Material\Ambering;
use Inlaid\Core\Material\Body;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\Dries;
use Inlaid\Core\Material\Handling;
use Inlaid\Core\Material\Look;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Optics\Colourant;
use Inlaid\Core\Optics\ColourantKind;
use Inlaid\Core\Optics\DeriveOptics;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Surface\BuildSurface;
use Inlaid\Core\Surface\Division;
use Inlaid\Core\Surface\FilmOf;
use Inlaid\Core\Surface\LaidSurface;
use Inlaid\Core\Surface\Origin;
use Inlaid\Core\Surface\Patch;
use Inlaid\Core\Surface\SurfaceStep;
use Inlaid\Core\Surface\WorkOnZone;
use Inlaid\Core\Surface\ZoneState;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Hand;
use Inlaid\Core\Technique\Placement;
use Inlaid\Core\Technique\Techniques;
use Inlaid\Core\Technique\Workmanship;
use Inlaid\Core\Technique\Zone;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * What a face looks like after its steps: what must hold of any, and what painters know.
 */
final class LookTest extends TestCase
{
    use Randomly;

    private const PAINTS = ['#efe3c4', '#5d6a72', '#2b2c2e', '#b5402c', '#23473a', '#24365f', '#c08a34'];
    private const PATTERNED = [
        'washed-wiped',
        'glazed-wiped',
        'ragged',
        'stippled',
        'cross-hatched',
        'stencilled',
        'striped',
        'dry-brushed',
        'undertone-patchy',
        'blended',
        'limed',
    ];

    private static ?Techniques $techniques = null;

    /** µm of one normal wet coat, in all of these. */
    private const WET = 80.0;

    private static function material(LookKind $kind, ?string $colour = null, ?string $onWood = null, Sheen $sheen = Sheen::Matt): Material
    {
        return Material::of(
            'm',
            1,
            'M',
            MaterialKind::Paint,
            true,
            Body::of(Carrier::Water, BigRational::of('1.3'), null, 0.4, 1.0, 1000 / self::WET, 3.0),
            Handling::of(Dries::LosingWater, null, null, null, true, 8.0),
            Look::of($kind, null === $colour ? null : Colour::of($colour), 0.96, null, null === $onWood ? null : Colour::of($onWood)),
            $sheen,
        );
    }

    private static function paint(string $hex, Sheen $sheen = Sheen::Chalky): Colourant
    {
        return new Colourant(
            ColourantKind::Film,
            (new DeriveOptics())->derive(self::material(LookKind::Opaque, $hex, null, $sheen)) ?? Optics::clear(),
            null,
            $sheen,
            0.0,
            self::WET,
        );
    }

    private static function clear(
        Sheen $sheen = Sheen::Satin,
        Ambering $ambers = Ambering::None,
        ColourantKind $kind = ColourantKind::Clear,
    ): Colourant {
        return new Colourant($kind, Optics::clear(), null, $sheen, $ambers->perMicrometre(), self::WET);
    }

    private static function step(
        string $id,
        string $technique,
        ?Colourant $of = null,
        int $coats = 1,
        float $depth = 0.0,
        Hand $hand = Hand::Middle,
        ?Placement $where = null,
    ): SurfaceStep {
        $technique = (self::$techniques ??= Given::techniques())->named($technique);
        $figures = $technique->profile();
        $stays = self::WET * $figures->laid * $figures->left * $coats;

        return new SurfaceStep(
            $id,
            $figures->effect,
            $technique->pattern(new Workmanship($hand, null, $where)),
            $coats,
            null === $of ? null : new FilmOf($id, $of, $stays, 0.4 * $stays),
            $depth,
            ($where ?? Placement::TopDown)->way(),
            $figures->can(Ability::ReleasesResist, Ability::WearsWet, Ability::WearsDry),
            $figures->wipedOn,
        );
    }

    private static function wood(string $hex = '#d6b48c', Grain $grain = Grain::Open): Substrate
    {
        return Substrate::of(SubstrateKind::Solid, 'ash', $grain, Colour::of($hex));
    }

    private static function lay(SurfaceStep ...$doings): LaidSurface
    {
        return (new BuildSurface())->lay(new Origin(self::wood()), array_values($doings));
    }

    private static function lab(ZoneState $state): Lab
    {
        return Lab::ofLight($state->mean());
    }

    /**
     * Any steps on any wood: shares make one whole, every division hands on what it had, there are never too many patches, light is between
     * none and a little over white, and the same again is the same to the last digit.
     */
    public function testSharesAreKeptWhateverIsDone(): void
    {
        $this->manyTimes(12, function (): void {
            $steps = [];
            foreach (range(1, $this->int(2, 9)) as $i) {
                $key = self::PATTERNED[$this->int(0, \count(self::PATTERNED) - 1)];
                $steps[] = match ($this->int(0, 9)) {
                    0 => self::step("s$i", 'distressed-dry', null, 1, $this->float(1, 90), Hand::cases()[$this->int(0, 2)]),
                    1 => self::step("s$i", 'sanded', null, 1, $this->float(1, 60)),
                    2 => self::step("s$i", 'resist-laid', self::clear(kind: ColourantKind::Resist)),
                    3 => self::step("s$i", 'resist-released'),
                    default => self::step(
                        "s$i",
                        $key,
                        self::paint(self::PAINTS[$this->int(0, 6)]),
                        $this->int(1, 3),
                        0.0,
                        Hand::cases()[$this->int(0, 2)],
                        Placement::cases()[$this->int(0, 3)],
                    ),
                };
            }
            $look = self::lay(...$steps);
            foreach ($look->course as $states) {
                foreach ($states as $i => $state) {
                    self::assertEqualsWithDelta(1.0, array_sum(array_map(static fn (Patch $p): float => $p->share, $state->patches)), 1e-9);
                    self::assertLessThanOrEqual(WorkOnZone::MOST_PATCHES, \count($state->patches));
                    foreach ($state->patches as $patch) {
                        foreach ($patch->light()->channels() as $channel) {
                            self::assertGreaterThan(-0.2, $channel);
                            self::assertLessThan(1.2, $channel);
                        }
                    }
                    $this->assertHandedOn($states[$i - 1] ?? null, $state);
                }
            }
            $again = self::lay(...$steps);
            foreach ($look->zones() as $zone) {
                self::assertSame($look->end($zone)->mean()->channels(), $again->end($zone)->mean()->channels());
                self::assertSame(
                    $look->end($zone)->mean()->channels(),
                    (new BuildSurface())->end(new Origin(self::wood()), $steps, $zone)->mean()->channels(),
                    'a zone by itself',
                );
                $roughly = (new BuildSurface())->end(new Origin(self::wood()), $steps, $zone, 0.5);
                self::assertLessThanOrEqual(128, \count($roughly->patches));
                self::assertEqualsWithDelta(1.0, array_sum(array_map(static fn (Patch $p): float => $p->share, $roughly->patches)), 1e-9);
                self::assertLessThan(
                    1.0,
                    DeltaE2000::between(self::lab($look->end($zone)), self::lab($roughly)),
                    'in half the room nobody sees a difference',
                );
            }
        });
    }

    /**
     * What a step adds is judged no further than it can matter: to the hundredth the same as laying all that comes without it, to the end.
     * With coats that hide, sanding through them,
     * resist, relief and waxes among them; and films that were taken off come to light as if they had been laid on their own.
     */
    public function testWhatAStepAddsIsTheSameAsLeavingItOutToTheEnd(): void
    {
        $stopped = 0;
        $this->manyTimes(40, function () use (&$stopped): void {
            $steps = $this->steps($this->int(3, 14));
            $look = self::lay(...$steps);
            $doing = $this->int(0, \count($steps) - 1);
            $found = (new JudgeLook())->effect($look, $doing);
            $most = $remains = 0.0;
            foreach ($look->leftOut($doing, $found->zone) as $i => $without) {
                $most = 0 === $i ? $look->after($doing, $found->zone)->apart($without) : $most;
                $remains = JudgeLook::remains($look->after($doing + $i, $found->zone), $without);
            }
            $most = max($most, $remains);
            self::assertEqualsWithDelta([$most, $remains], [$found->most, $found->remains], 0.0101);
            $stopped += $remains < 0.01 && \count($steps) - $doing > 4 ? 1 : 0;
        });
        self::assertGreaterThan(3, $stopped, 'some were gone long before the end');
    }

    /**
     * A film that does not lie on open wood, under films only, is judged without laying anything again: to a twentieth of what running all
     * that comes without it gives.
     */
    public function testAFilmIsJudgedByTheMapsOfThoseAboveIt(): void
    {
        $judged = $lost = 0;
        $this->manyTimes(30, function () use (&$judged, &$lost): void {
            $films = array_values(array_filter(
                $this->steps($this->int(4, 16)),
                static fn (SurfaceStep $s): bool => Effect::Adds === $s->effect && null !== $s->film && null === $s->bleach,
            ));
            $look = self::lay(self::step('base', 'brushed', self::paint('#c9b48a'), 2), ...$films);
            foreach (array_keys($films) as $i) {
                $found = (new JudgeLook())->byItsFilm($look, $i + 1);
                $run = (new JudgeLook())->effect($look, $i + 1);
                if (null !== $found) {
                    self::assertEqualsWithDelta($run->remains, $found->remains, 0.3 + 0.05 * $run->remains);
                    ++$judged;
                    $lost += $found->lost ? 1 : 0;
                }
            }
        });
        self::assertGreaterThan(100, $judged);
        self::assertGreaterThan(10, $lost);
    }

    /** A film of no thickness changes nothing, wherever it is laid; and over a base a coat is the same as two halves of it. */
    public function testAFilmOfNothingAndTwoHalves(): void
    {
        $this->manyTimes(20, function (): void {
            $base = self::step('base', 'brushed', self::paint('#c9b48a'), 2);
            $steps = $this->steps($this->int(2, 8));
            $none = self::step('none', 'brushed', self::paint('#23473a'))->laid(0.0);
            $at = $this->int(0, \count($steps));
            $without = self::lay($base, ...$steps);
            array_splice($steps, $at, 0, [$none]);
            $with = self::lay($base, ...$steps);
            $coat = static fn (string $id, float $times): SurfaceStep => self::step($id, 'brushed', self::paint('#6d3b2e'))->laid($times);
            $times = $this->float(0.1, 2.0);
            foreach ($with->zones() as $zone) {
                self::assertLessThan(1e-6, $with->end($zone)->apart($without->end($zone)));
                self::assertLessThan(0.02, self::lay($base, $coat('whole', $times))->end($zone)->apart(
                    self::lay($base, $coat('half', $times / 2), $coat('other half', $times / 2))->end($zone),
                ));
            }
        });
    }

    /** Where a step would be done later: what it adds there is what it adds in a look that was laid in that order. */
    public function testWhatAStepWouldAddLater(): void
    {
        $this->manyTimes(15, function (): void {
            $steps = $this->steps($this->int(3, 9));
            $look = self::lay(...$steps);
            $from = $this->int(0, \count($steps) - 2);
            $to = $this->int($from + 1, \count($steps) - 1);
            $moved = self::lay(
                ...\array_slice($steps, 0, $from),
                ...\array_slice($steps, $from + 1, $to - $from),
                ...[$steps[$from]],
                ...\array_slice($steps, $to + 1),
            );
            foreach ($look->zones() as $zone) {
                $there = (new JudgeLook())->effectAt($look, $from, $to, $zone, $look->leftOut($from, $zone));
                $left = $moved->leftOut($to, $zone);
                self::assertSame([$steps[$from]->id, $zone], [$there->stepId, $there->zone]);
                $remains = JudgeLook::remains($moved->end($zone), $left[\count($left) - 1]);
                $most = max($remains, $moved->after($to, $zone)->apart($left[0]));
                self::assertEqualsWithDelta([$most, $remains], [$there->most, $there->remains], 0.0101);
                self::assertSame($there->remains < JudgeLook::LOST, $there->lost);
            }
        });
    }

    /** In a very long recipe the early steps are not judged; what is judged is judged as it would be alone, and that is the last of it. */
    public function testOfAVeryLongRecipeTheLastIsJudged(): void
    {
        $this->manyTimes(1, function (): void {
            $judge = new JudgeLook();
            $steps = $this->steps(90);
            $look = self::lay(...$steps);
            $effects = $judge->effects($look, range(0, 89));
            self::assertSame(
                array_map(static fn (SurfaceStep $d): string => $d->id, \array_slice($steps, -\count($effects))),
                array_map(static fn (LookEffect $e): string => $e->stepId, $effects),
            );
            self::assertLessThan(90, \count($effects));
            self::assertGreaterThan(30, \count($effects));
            self::assertEquals($judge->effect(JudgeLook::fewEnough($look), 89), $effects[\count($effects) - 1]);
            self::assertLessThanOrEqual(
                16,
                max(array_map(
                    static fn (ZoneState $s): int => \count($s->patches),
                    array_merge(...array_values(JudgeLook::fewEnough($look)->course)),
                )),
            );
        });
    }

    /**
     * Any steps: some that sand through, let go of a resist, raise a relief or only deepen.
     *
     * @return list<SurfaceStep>
     */
    private function steps(int $count): array
    {
        return array_map(fn (int $i): SurfaceStep => match ($this->int(0, 11)) {
            0 => self::step("s$i", 'distressed-dry', null, 1, $this->float(1, 90)),
            1 => self::step("s$i", 'sanded', null, 1, $this->float(1, 30)),
            2 => self::step("s$i", 'resist-laid', self::clear(kind: ColourantKind::Resist)),
            3 => self::step("s$i", 'resist-released'),
            4 => self::step("s$i", 'waxed', self::clear()),
            5 => self::step("s$i", self::PATTERNED[$this->int(0, 10)], self::paint(self::PAINTS[$this->int(0, 6)])),
            default => self::step("s$i", 'brushed', self::paint(self::PAINTS[$this->int(0, 6)]), $this->int(1, 3)),
        }, range(1, $count));
    }

    private function assertHandedOn(?ZoneState $before, ZoneState $state): void
    {
        if (null === $state->divided) {
            self::assertTrue(null === $before || \count($before->patches) === \count($state->patches));

            return;
        }
        foreach ($before->patches ?? [] as $from => $patch) {
            self::assertEqualsWithDelta(
                $patch->share,
                array_sum(array_map(
                    static fn (Division $d): float => $d->share,
                    array_filter($state->divided, static fn (Division $d): bool => $d->from === $from),
                )),
                1e-9,
            );
        }
        foreach ($state->patches as $to => $patch) {
            self::assertEqualsWithDelta(
                $patch->share,
                array_sum(array_map(
                    static fn (Division $d): float => $d->share,
                    array_filter($state->divided, static fn (Division $d): bool => $d->to === $to),
                )),
                1e-9,
            );
        }
    }

    /**
     * Many patterns one over another: never more than the most, and what had to join others is told.
     */
    public function testTooManyPatchesJoinTheNearest(): void
    {
        $look = self::lay(...array_map(
            static fn (int $i): SurfaceStep => self::step("s$i", self::PATTERNED[$i], self::paint(self::PAINTS[$i])),
            range(0, 6),
        ));
        $end = $look->end(Zone::Field);
        self::assertCount(WorkOnZone::MOST_PATCHES, $end->patches);
        self::assertGreaterThan(0.0, $end->rehomed);
        self::assertLessThan(0.3, $end->rehomed);
    }

    /**
     * Clear wax over any dark paint: nothing gets lighter, however dark; a dark blue stays blue: L* falls, the hue turns by less than 8°.
     */
    public function testWaxDeepensAndDoesNotTurnDarkColours(): void
    {
        $this->manyTimes(20, function (): void {
            $hex = \sprintf('#%02x%02x%02x', $this->int(0, 60), $this->int(0, 60), $this->int(0, 60));
            foreach ([Sheen::Matt, Sheen::Satin, Sheen::Gloss] as $sheen) {
                $look = self::lay(self::step('p', 'brushed', self::paint($hex), 2), self::step('w', 'waxed', self::clear($sheen)));
                self::assertLessThanOrEqual(
                    self::lab($look->after(0, Zone::Field))->l + 1e-9,
                    self::lab($look->after(1, Zone::Field))->l,
                    $hex,
                );
            }
        });
        foreach (['#1f2a4d', '#24365f', '#182038', '#2a3b6b'] as $blue) {
            $look = self::lay(self::step('p', 'brushed', self::paint($blue), 2), self::step('w', 'waxed', self::clear()));
            [$before, $after] = [self::lab($look->after(0, Zone::Field)), self::lab($look->after(1, Zone::Field))];
            self::assertLessThan($before->l, $after->l);
            self::assertLessThan(8.0, abs(rad2deg(atan2($before->b, $before->a) - atan2($after->b, $after->a))), $blue);
        }
    }

    /** Oil deepens bare wood; a second coat on what is soaked changes little; sanded again it stays soaked. */
    public function testBareWoodIsWettedOnce(): void
    {
        $look = self::lay(
            self::step('o1', 'oiled-wiped', self::clear()),
            self::step('o2', 'oiled-wiped', self::clear()),
            self::step('s', 'scuff-sanded', null, 1, 20.0),
        );
        $l = array_map(static fn (ZoneState $s): float => self::lab($s)->l, $look->course[Zone::Field->value]);
        self::assertGreaterThan(4.0, $l[0] - $l[1]);
        self::assertEqualsWithDelta($l[1], $l[2], 0.2);
        self::assertGreaterThan(3.0, $l[0] - $l[3]);
    }

    /**
     * What lies on a resist comes away where it was laid and nowhere else: there it looks as before the resist.
     */
    public function testAReleaseShowsWhatLayUnderTheResist(): void
    {
        $look = self::lay(
            self::step('red', 'brushed', self::paint('#8f3b28'), 2),
            self::step('r', 'resist-laid', self::clear(kind: ColourantKind::Resist)),
            self::step('top', 'brushed', self::paint('#c08a34'), 2),
            self::step('off', 'resist-released'),
        );
        $red = self::lab($look->after(0, Zone::Edge));
        $covered = self::lab($look->after(2, Zone::Edge));
        [$worn, $kept] = $look->end(Zone::Edge)->patches;
        self::assertEqualsWithDelta(0.65, $worn->share, 1e-9);
        self::assertLessThan(0.01, DeltaE2000::between(Lab::ofLight($worn->light()), $red));
        self::assertLessThan(0.01, DeltaE2000::between(Lab::ofLight($kept->light()), $covered));
        self::assertCount(1, $look->end(Zone::Recess)->patches);
    }

    /**
     * Distress where the resist was lies along the same wear, so it divides nothing more than its own depths; through the top film it shows
     * the next, deeper the wood, as the depths say.
     */
    public function testDistressShowsWhatLiesAtItsDepth(): void
    {
        $films = [self::step('a', 'brushed', self::paint('#8f3b28'), 2), self::step('b', 'brushed', self::paint('#c08a34'), 2)];
        foreach ([[10.0, 1], [60.0, 0], [300.0, -1]] as [$depth, $shows]) {
            $look = self::lay(...[...$films, self::step('d', 'distressed-dry', null, 1, $depth)]);
            $worst = $look->end(Zone::Edge)->patches[0];
            $expected = $shows < 0 ? $look->before(Zone::Edge) : $look->after($shows, Zone::Edge);
            self::assertLessThan(1.0, DeltaE2000::between(Lab::ofLight($worst->light()), self::lab($expected)), "at $depth µm");
        }
        $both = self::lay(
            self::step('r', 'resist-laid', self::clear(kind: ColourantKind::Resist)),
            ...[...$films, self::step('d', 'distressed-dry', null, 1, 20.0)],
        );
        self::assertCount(3, $both->end(Zone::Edge)->patches);
    }

    /** Two colours that run out opposite ways meet: together they cover, and share their steps. */
    public function testOppositeBlendsMeet(): void
    {
        $look = self::lay(
            self::step('a', 'blended', self::paint('#c9c79d'), 1, 0.0, Hand::Middle, Placement::TopDown),
            self::step('b', 'blended', self::paint('#3d5a50'), 1, 0.0, Hand::Middle, Placement::BottomUp),
        );
        $patches = $look->end(Zone::Field)->patches;
        self::assertCount(6, $patches);
        $l = array_map(static fn (Patch $p): float => Lab::ofLight($p->light())->l, $patches);
        $sorted = $l;
        rsort($sorted);
        self::assertSame($sorted, $l, 'from the light top to the dark foot');
        self::assertGreaterThan(25.0, $l[0] - $l[5]);
        $blend = (new JudgeLook())->blend($look, 1);
        self::assertSame([0.34, 0.66, 'down'], [$blend?->from, $blend?->to, $blend?->way]);
        $mud = static fn (string $one, string $other): float => (new JudgeLook())->blend(
            self::lay(self::step('a', 'brushed', self::paint($one), 2), self::step('b', 'blended', self::paint($other))),
            1,
        )->mud ?? 0.0;
        self::assertGreaterThan(10.0, $mud('#b5402c', '#24365f'), 'red into blue is mud');
        self::assertLessThan(3.0, $mud('#c08a34', '#c98f30'), 'two near ones stay clear');
        self::assertNull((new JudgeLook())->blend($look, 0), 'over bare wood nothing is blended');
    }

    /** A wash under an opaque coat is lost, and it is said by which; laid after it, it is not. */
    public function testALateCoatBuriesAnEarlierWash(): void
    {
        [$wash, $coat] = [
            self::step('wash', 'washed-wiped', self::paint('#5d6a72')),
            self::step('coat', 'brushed', self::paint('#efe3c4'), 3),
        ];
        $buried = (new JudgeLook())->effect(self::lay($wash, $coat), 0);
        self::assertTrue($buried->lost);
        self::assertSame('coat', $buried->buriedBy);
        self::assertGreaterThan(5.0, $buried->most);
        self::assertLessThan(1.0, $buried->remains);
        $kept = (new JudgeLook())->effect(self::lay($coat, $wash), 1);
        self::assertFalse($kept->lost);
        self::assertNull($kept->buriedBy);
        self::assertSame($kept->most, $kept->remains);
    }

    /** As many coats as are said to hide do, and one fewer does not. */
    public function testCoatsToHide(): void
    {
        $judge = new JudgeLook();
        $cream = self::paint('#efe3c4');
        $needed = $judge->hides(
            self::lay(self::step('dark', 'brushed', self::paint('#2b2c2e'), 2), self::step('c', 'brushed', $cream)),
            1,
        )->coats ?? 0;
        self::assertGreaterThan(1, $needed);
        foreach ([$needed - 1 => false, $needed => true] as $coats => $hides) {
            $told = $judge->hides(
                self::lay(self::step('dark', 'brushed', self::paint('#2b2c2e'), 2), self::step('c', 'brushed', $cream, $coats)),
                1,
            );
            self::assertSame($hides, ($told->off ?? 99.0) <= JudgeLook::HIDES);
            self::assertSame($needed, $told?->coats);
        }
        self::assertNull($judge->hides(self::lay(self::step('w', 'waxed', self::clear())), 0), 'a clear wax is to hide nothing');
    }

    /** What stands proud catches a dry brush; what lies low keeps a wiped glaze. */
    public function testReliefIsCaught(): void
    {
        $stippled = self::step('s', 'stippled', self::paint('#efe3c4'), 2);
        $dry = self::lay($stippled, self::step('d', 'dry-brushed', self::paint('#2b2c2e')));
        self::assertCount(2, $dry->end(Zone::Field)->patches);
        [$low, $high] = array_map(static fn (Patch $p): float => Lab::ofLight($p->light())->l, $dry->end(Zone::Field)->patches);
        self::assertGreaterThan($high + 10, $low, 'the points are dark, the hollows are not');
        $glazed = self::lay($stippled, self::step('g', 'limed', self::paint('#2b2c2e')));
        $hollows = array_filter($glazed->end(Zone::Field)->patches, static fn (Patch $p): bool => $p->height < 0);
        $points = array_filter($glazed->end(Zone::Field)->patches, static fn (Patch $p): bool => $p->height > 0);
        $mean = static fn (array $patches): float => array_sum(array_map(
            static fn (Patch $p): float => Lab::ofLight($p->light())->l,
            $patches,
        )) / \count($patches);
        self::assertLessThan($mean($points) - 1, $mean($hollows));
    }

    /** A dye laid as its look was stated looks so on pale wood; on a darker wood it only darkens; over a closed film it does little. */
    public function testDyesOnlyDarken(): void
    {
        $material = self::material(LookKind::Stain, null, '#8a6f45');
        $derive = new DeriveOptics();
        self::assertLessThan(1.0, $derive->residual($material));
        self::assertGreaterThan(
            3.0,
            $derive->residual(self::material(LookKind::Stain, null, '#f4f4ff')),
            'no dye is lighter than the wood',
        );
        $dye = new Colourant(ColourantKind::Dye, $derive->dye($material) ?? Optics::clear(), null, null, 0.0, self::WET);
        $this->manyTimes(20, function () use ($dye): void {
            $wood = self::wood(\sprintf('#%02x%02x%02x', $this->int(60, 240), $this->int(40, 200), $this->int(20, 160)));
            $look = (new BuildSurface())->lay(new Origin($wood), [self::step('d', 'stained-wiped', $dye)]);
            foreach (array_map(
                null,
                $look->before(Zone::Field)->mean()->channels(),
                $look->end(Zone::Field)->mean()->channels(),
            ) as [$before, $after]) {
                self::assertLessThanOrEqual($before + 1e-9, $after);
            }
        });
        $sealed = self::lay(self::step('f', 'brushed', self::clear(), 2), self::step('d', 'stained-wiped', $dye));
        $bare = self::lay(self::step('d', 'stained-wiped', $dye));
        $turn = static fn (LaidSurface $l): float => DeltaE2000::between(
            self::lab($l->end(Zone::Field)),
            self::lab($l->course[Zone::Field->value][\count($l->doings) - 1]),
        );
        self::assertLessThan(0.4 * $turn($bare), $turn($sealed));
    }

    /** Oil varnish over a pale colour yellows, quickly at first: it loses blue above all; what does not amber stays as it is. */
    public function testAmbering(): void
    {
        $look = self::lay(
            self::step('p', 'brushed', self::paint('#eeeae0'), 2),
            self::step('v', 'brushed', self::clear(Sheen::Gloss, Ambering::Strong), 2),
        );
        $at = static fn (float $years): Light => $look->end(Zone::Field)->mean($years);
        $turned = static fn (float $years): float => DeltaE2000::between(Lab::ofLight($at($years)), Lab::ofLight($at(0.0)));
        self::assertGreaterThan(2.0, $turned(1.0));
        self::assertGreaterThan($turned(1.0), $turned(5.0));
        self::assertEqualsWithDelta(10.0, $turned(30.0), 4.0);
        self::assertGreaterThan(($at(0.0)->red - $at(5.0)->red) * 3, $at(0.0)->blue - $at(5.0)->blue);
        $water = self::lay(self::step('p', 'brushed', self::paint('#eeeae0'), 2), self::step('v', 'brushed', self::clear(), 2));
        self::assertEquals($water->end(Zone::Field)->mean(), $water->end(Zone::Field)->mean(5.0));
    }

    /**
     * Every technique there is leaves whole zones, and a film of about what its figures say on the flat where it is not placed or caught.
     */
    public function testPatternsAreWhole(): void
    {
        foreach (Given::techniques()->all() as $technique) {
            foreach (Hand::cases() as $hand) {
                foreach ([null, ...Placement::cases()] as $where) {
                    $pattern = $technique->pattern(new Workmanship($hand, null, $where));
                    foreach (Zone::cases() as $zone) {
                        $levels = $pattern->at($zone);
                        self::assertEqualsWithDelta(
                            1.0,
                            array_sum(array_map(static fn ($l): float => $l->share, $levels)),
                            1e-9,
                            $technique->key(),
                        );
                        self::assertGreaterThanOrEqual(
                            0.0,
                            min(array_map(static fn ($l): float => min($l->share, $l->amount), $levels)),
                            $technique->key(),
                        );
                    }
                }
            }
            $figures = $technique->profile();
            if (Effect::Adds === $figures->effect && 1.0 === $figures->cover && 'blended' !== $technique->key()) {
                $mean = array_sum(array_map(
                    static fn ($l): float => $l->share * $l->amount,
                    $technique->pattern(new Workmanship())->at(Zone::Field),
                ));
                self::assertEqualsWithDelta(1.0, $mean, 0.4, $technique->key());
            }
        }
    }

    public function testColoursAreCalledWhatAPainterWould(): void
    {
        foreach ([
            '#fbfaf7' => 'white',
            '#efe3c4' => 'pale cream',
            '#d6b48c' => 'light sand',
            '#5a3a22' => 'dark brown',
            '#23473a' => 'dark green',
            '#24365f' => 'dark blue',
            '#a2452b' => 'mid brown',
            '#b5402c' => 'mid red',
            '#c08a34' => 'mid ochre',
            '#5d6a72' => 'mid greyish blue',
            '#1b1b1b' => 'black',
            '#8d8b84' => 'mid grey',
        ] as $hex => $called) {
            self::assertSame($called, NameColour::of(Lab::of(Colour::of($hex))), $hex);
        }
    }

    /** The first surface in one go is the first surface. */
    public function testLightInOneGo(): void
    {
        foreach (['#24365f', '#efe3c4', '#050505'] as $hex) {
            $surface = FirstSurface::of(Sheen::Satin);
            $inside = $surface->inside((new RecoverSpectrum())->recover(Colour::of($hex)));
            self::assertEqualsWithDelta($surface->observed($inside)->light()->channels(), $surface->light($inside)->channels(), 1e-12);
        }
    }
}
