<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Technique;

use Inlaid\Core\Layout\LayoutKind;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Blend;
use Inlaid\Core\Technique\Chosen;
use Inlaid\Core\Technique\Direction;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Extent;
use Inlaid\Core\Technique\Hand;
use Inlaid\Core\Technique\Level;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Placement;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\Techniques;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\UnknownTechnique;
use Inlaid\Core\Technique\Within;
use Inlaid\Core\Technique\Workmanship;
use Inlaid\Core\Technique\WornPlace;
use Inlaid\Core\Technique\WornPlaces;
use Inlaid\Core\Technique\Zone;
use Inlaid\Tests\Core\Given;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What techniques and tools mean in figures is what the page says of them (docs/models/techniques.md; INLAID_WRITE=1 writes it anew, to be
 * read by somebody who paints), and nothing a technique does is more than all there is.
 */
final class FiguresTest extends TestCase
{
    private const PAGE = __DIR__.'/../../../docs/models/techniques.md';
    private const HEAD = <<<'MD'
        # Techniques and tools in figures

        Typical of general practice, and good to a third; a step may say otherwise, and your log replaces the minutes.

        Wet film and levels are against one normal brushed coat, or against the pass named. A level is a share of a zone and how much it
        gets: “35 % × 0.4” is a third of the zone with less than half. Where no hand or direction is named, it changes nothing.

        MD;

    /** @var array<string, string> sections of the page, by what they begin with */
    private static array $page = [];

    public static function setUpBeforeClass(): void
    {
        if ('1' === getenv('INLAID_WRITE')) {
            $text = self::HEAD."\n";
            foreach (Given::techniques()->all() as $technique) {
                $text .= self::section($technique)."\n";
            }
            $text .= "## Tools\n\n";
            file_put_contents(self::PAGE, $text.implode("\n", array_map(self::tool(...), Tool::cases()))."\n");
        }
        $parts = explode("\n## ", (string) file_get_contents(self::PAGE));
        foreach ($parts as $part) {
            self::$page[explode("\n", $part)[0]] = trim($part);
        }
    }

    /**
     * @return iterable<string, array{Technique}>
     */
    public static function techniques(): iterable
    {
        foreach (Given::techniques()->all() as $technique) {
            yield $technique->key() => [$technique];
        }
    }

    /**
     * @return iterable<string, array{Tool}>
     */
    public static function tools(): iterable
    {
        foreach (Tool::cases() as $tool) {
            yield $tool->value => [$tool];
        }
    }

    #[DataProvider('techniques')]
    public function testATechniqueIsWhatThePageSays(Technique $technique): void
    {
        self::assertSame('## '.(self::$page[$technique->name()] ?? ''), trim(self::section($technique)));
    }

    #[DataProvider('tools')]
    public function testAToolIsWhatThePageSays(Tool $tool): void
    {
        self::assertContains(self::tool($tool), explode("\n", self::$page['Tools']));
    }

    /**
     * Whatever the hand, the direction, the wear and the share: levels are shares of a zone, and no technique takes or gives less than
     * nothing.
     */
    #[DataProvider('techniques')]
    public function testLevelsAreSharesOfAZone(Technique $technique): void
    {
        foreach (self::manners() as $manner) {
            foreach ([$technique->pattern($manner), $technique->pattern($manner)->uneven(0.2)] as $pattern) {
                foreach (Zone::cases() as $zone) {
                    $levels = $pattern->at($zone);
                    self::assertEqualsWithDelta(1.0, array_sum(array_map(static fn (Level $l): float => $l->share, $levels)), 1e-9);
                    self::assertGreaterThanOrEqual(0.0, min(array_map(static fn (Level $l): float => min($l->share, $l->amount), $levels)));
                    self::assertGreaterThanOrEqual($pattern->touches($zone) - 1e-9, 1.0);
                }
            }
        }
        $profile = $technique->profile();
        self::assertSame(Effect::Waits !== $profile->effect && Effect::Handles !== $profile->effect, $profile->rate > 0.0);
        self::assertLessThan(1.0, $profile->loss);
        $usual = $profile->tools[0] ?? null;
        self::assertEquals($profile, $profile->with($usual), 'the usual tool changes nothing');
    }

    public function testTechniquesAreFoundByKeyInTheOrderOfTheirNames(): void
    {
        $names = array_map(static fn (Technique $t): string => $t->name(), Given::techniques()->all());
        $sorted = $names;
        sort($sorted);
        self::assertSame($sorted, $names);
        self::assertSame('Brushed', Given::techniques()->named('brushed')->name());
        $this->expectException(UnknownTechnique::class);
        (new Techniques([]))->named('brushed');
    }

    /**
     * Another tool: a gun lays 0.7 of a brush's film four times as fast, and of what leaves it two thirds of what leaves a brush arrive.
     */
    public function testAnotherToolChangesPaceFilmLossAndHoldUp(): void
    {
        $brushed = Given::techniques()->named('brushed')->profile();
        $padded = $brushed->with(Tool::Pad);
        self::assertEqualsWithDelta(1.8 * 0.12, $padded->rate, 1e-9);
        self::assertEqualsWithDelta(0.6, $padded->laid, 1e-9);
        self::assertEqualsWithDelta(1 - 0.95 * 0.92 / 0.95, $padded->loss, 1e-9);
        self::assertEqualsWithDelta(10.0, $padded->holdUp, 1e-9);
        self::assertSame([$brushed->cover, $brushed->byBrush, $brushed->tools], [$padded->cover, $padded->byBrush, $padded->tools]);
        $can = Given::techniques()->named('sprayed')->profile()->with(Tool::Can);
        self::assertEqualsWithDelta(0.25, $can->rate, 1e-9);
        self::assertEqualsWithDelta(1 - 0.65 * 0.55 / 0.65, $can->loss, 1e-9);
        self::assertSame(0.0, $can->holdUp);
        self::assertSame($brushed, $brushed->with(null));
        $some = $brushed->covering(0.3);
        self::assertSame([0.3, 0.12, 1.0, 0.05, 8.0], [$some->cover, $some->rate, $some->laid, $some->loss, $some->holdUp]);
        self::assertTrue(Tool::Belt->isPowered() && Tool::Detail->isPowered() && !Tool::Hand->isPowered());
        self::assertSame(
            [Tool::SteelWool, Tool::SteelBrush],
            array_values(array_filter(Tool::cases(), static fn (Tool $t): bool => $t->leavesIron())),
        );
    }

    /** Colours at 0, 0.5 and 1: each is full at its place, and everywhere all together are one coat. */
    public function testABlendIsOneCoatEverywhere(): void
    {
        foreach ([[0.0, 0.5, 1.0], [0.1, 0.3], [0.0, 0.2, 0.25, 0.9]] as $at) {
            $total = 0.0;
            $there = [];
            foreach (array_keys($at) as $which) {
                $blend = new Blend($at, $which);
                $total += $blend->share();
                $x = 0.0;
                foreach ($blend->levels() as [$share, $amount]) {
                    $there[(string) round($x += $share, 6)][] = $amount;
                }
            }
            self::assertEqualsWithDelta(1.0, $total, 1e-9);
            foreach ($there as $amounts) {
                self::assertEqualsWithDelta(1.0, array_sum($amounts), 1e-9);
            }
            self::assertEqualsWithDelta(1.0, array_key_last($there), 1e-6);
        }
        // Two at the ends: the run is a third of the distance, in four steps of 0.08 with 7/8, 5/8, 3/8 and 1/8 of a coat.
        $levels = (new Blend([0.0, 1.0], 0))->levels();
        $wanted = [[0.34, 1.0], [0.08, 0.875], [0.08, 0.625], [0.08, 0.375], [0.08, 0.125], [0.34, 0.0]];
        foreach ($wanted as $i => [$share, $amount]) {
            self::assertEqualsWithDelta($share, $levels[$i][0], 1e-9);
            self::assertEqualsWithDelta($amount, $levels[$i][1], 1e-9);
        }
        self::assertSame([[1.0, 1.0]], (new Blend([0.4], 0))->levels());
    }

    /**
     * By hand: where the places of a step are, and how much of a zone belongs to them.
     *
     * @param list<Within>                      $within
     * @param array{float, float, float, float} $of     flat, edges, recesses, pores
     */
    #[DataProvider('places')]
    public function testPlacesOnAFace(array $within, array $of, ?string $way, string $words): void
    {
        $extent = new Extent($within);
        self::assertSame($of, array_map($extent->of(...), Zone::cases()));
        self::assertSame($way, $extent->way());
        self::assertSame($words, $extent->inWords());
        self::assertSame([] === $within, $extent->isAll());
    }

    /**
     * @return iterable<array{list<Within>, array{float, float, float, float}, ?string, string}>
     */
    public static function places(): iterable
    {
        yield [[], [1.0, 1.0, 1.0, 1.0], null, ''];
        yield [[Within::Edges], [0.0, 1.0, 0.0, 0.0], null, 'edges'];
        yield [[Within::Recesses], [0.0, 0.0, 1.0, 0.0], null, 'recesses'];
        yield [[Within::Relief], [0.0, 1.0, 1.0, 0.0], null, 'mouldings and carving'];
        yield [[Within::Corners], [0.015, 0.15, 0.0, 0.015], 'at corners', 'at the corners'];
        yield [[Within::Handle], [0.04, 0.0, 0.0, 0.04], 'at handle', 'round the handle'];
        yield [[Within::Rims, Within::Feet], [0.04, 0.4, 0.0, 0.04], 'at feet rims', 'along the rims, at the feet'];
        yield [[Within::Edges, Within::Relief], [0.0, 1.0, 1.0, 0.0], null, 'edges, mouldings and carving'];
    }

    public function testAShareOfAFaceAndATouchUp(): void
    {
        $tenth = new Extent([], 0.1);
        $here = new Extent([], 0.25, Chosen::HereAndThere);
        self::assertSame([true, false, '10 % where it needs it'], [$tenth->isTouchUp(), $tenth->isAll(), $tenth->inWords()]);
        self::assertSame([false, false, '25 % here and there'], [$here->isTouchUp(), $here->isAll(), $here->inWords()]);
        self::assertFalse((new Extent())->isTouchUp());
        $coat = Pattern::even(edge: 0.8);
        self::assertSame($coat, $coat->on(new Extent()));
        $some = $coat->on($here);
        self::assertEqualsWithDelta([0.25, 0.2, 0.25], [$some->mean(Zone::Field), $some->mean(Zone::Edge), $some->mean(Zone::Pore)], 1e-9);
        self::assertSame(Spread::Patches, $some->spread);
        self::assertSame(0.25, $some->share);
        // A touch-up is chosen place by place later: its pattern is the whole of the coat.
        self::assertSame([1.0, 0.1], [$coat->on($tenth)->mean(Zone::Field), $coat->on($tenth)->share]);
        // Wax for the recesses, rubbed onto the edges: there it is laid as on the flat, and nowhere else.
        $wax = Pattern::of(spread: Spread::Strokes, field: [[1.0, 0.5]], edge: [[1.0, 0.0]], recess: [[1.0, 2.0]], pore: [[1.0, 1.0]]);
        $edges = $wax->on(new Extent([Within::Edges]));
        self::assertSame([0.0, 0.5, 0.0, 0.0], array_map($edges->mean(...), Zone::cases()));
        $gold = Pattern::of(spread: Spread::Worn, field: [[1.0, 0.0]], edge: [[1.0, 1.0]], recess: [[1.0, 0.0]], pore: [[1.0, 0.0]]);
        self::assertSame(1.0, $gold->on(new Extent([Within::Recesses]))->mean(Zone::Recess), 'meant for a place it usually leaves out');
        self::assertEqualsWithDelta(0.15, $coat->on(new Extent([Within::Corners]))->touches(Zone::Edge), 1e-9);
        self::assertSame(Spread::Worn, $coat->on(new Extent([Within::Corners]))->spread);
        self::assertTrue($coat->leavesAs(Pattern::even(edge: 0.8)) && !$coat->leavesAs(Pattern::even()));
    }

    /** Worn more than there is: at most half of the flat and nine tenths of the edges. */
    public function testWearHasBounds(): void
    {
        $all = new WornPlaces(WornPlace::cases());
        self::assertEqualsWithDelta(0.9, $all->ofEdges(), 1e-9);
        self::assertEqualsWithDelta(0.105, $all->ofFlat(), 1e-9);
        $usual = new WornPlaces();
        self::assertEqualsWithDelta([0.65, 0.025], [$usual->ofEdges(), $usual->ofFlat()], 1e-9);
        $heavy = Pattern::whereWorn(new Workmanship(hand: Hand::Heavy, worn: $all), [[0.5, 1.0], [0.5, 0.4]]);
        self::assertEqualsWithDelta(0.95, $heavy->touches(Zone::Edge), 1e-9);
        self::assertEqualsWithDelta(0.95 * 0.7, $heavy->mean(Zone::Edge), 1e-9);
        self::assertEqualsWithDelta(1.6 * 0.105, $heavy->touches(Zone::Field), 1e-9);
        self::assertSame(0.0, $heavy->mean(Zone::Recess) + $heavy->mean(Zone::Pore));
        $uneven = Pattern::even()->uneven(0.2);
        self::assertEquals([new Level(0.3, 0.8), new Level(0.4, 1.0), new Level(0.3, 1.2)], $uneven->at(Zone::Field));
        self::assertSame(Spread::Patches, $uneven->spread);
    }

    /**
     * @return list<Workmanship>
     */
    private static function manners(): array
    {
        return [
            ...array_map(static fn (Hand $h): Workmanship => new Workmanship(hand: $h), Hand::cases()),
            ...array_map(static fn (Direction $d): Workmanship => new Workmanship(strokes: $d), Direction::cases()),
            ...array_map(static fn (Placement $p): Workmanship => new Workmanship(where: $p), Placement::cases()),
            new Workmanship(share: 0.4),
            new Workmanship(where: Placement::BottomUp, share: 0.6),
            new Workmanship(blend: new Blend([0.0, 0.5, 1.0], 1), where: Placement::FromRim),
        ];
    }

    private static function section(Technique $technique): string
    {
        $p = $technique->profile();
        $usual = self::lies($technique->pattern(new Workmanship()));
        $lines = ['## '.$technique->name(), '', $technique->does(), '', '- '.implode(' · ', self::figures($technique))];
        if ([] !== $p->tools) {
            $lines[] = '- With '.implode(', ', array_map(static fn (Tool $t): string => $t->inWords(), $p->tools));
        }
        $can = array_filter(Ability::cases(), static fn (Ability $a): bool => $p->can($a));
        $more = [
            ...array_map(static fn (Ability $a): string => $a->value, $can),
            ...array_map(static fn (LayoutKind $k): string => 'layout '.$k->value, $p->laidOut),
            ...array_map(static fn (Within $w): string => 'meant for '.$w->inWords(), $p->within),
        ];
        if ([] !== $more) {
            $lines[] = '- '.implode(', ', $more);
        }
        if (\in_array($p->effect, [Effect::Adds, Effect::TakesAway, Effect::Alters], true)) {
            $lines[] = '- '.$usual;
            foreach (self::manners() as $manner) {
                $other = self::lies($technique->pattern($manner));
                if ($other !== $usual) {
                    $lines[] = '- '.self::mannerInWords($manner).': '.$other;
                }
            }
        }

        return implode("\n", $lines)."\n";
    }

    /**
     * @return list<string>
     */
    private static function figures(Technique $technique): array
    {
        $p = $technique->profile();
        $share = static fn (float $x): string => \sprintf('%g %%', 100 * $x);

        return array_values(array_filter([
            $p->effect->value,
            $p->takesMaterial ? 'takes material' : null,
            $p->rate > 0.0 ? \sprintf('%g m²/min', $p->rate) : null,
            $p->each > 0.0 ? \sprintf('%g min a part', $p->each) : null,
            $p->laid > 0.0 ? \sprintf('wet film %g', $p->laid) : null,
            ...($p->rate > 0.0 ? [
                null !== $p->wipedOn ? \sprintf(
                    '%s left where the ground is %g porous',
                    $share($p->left),
                    $p->wipedOn,
                ) : \sprintf('%s left', $share($p->left)),
                'on '.$share($p->cover),
                'loses '.$share($p->loss),
                \sprintf('tool keeps %g ml', $p->holdUp),
            ] : []),
            $p->removes > 0.0 ? \sprintf('removes %g µm%s', $p->removes, null === $p->atGrit ? '' : " with grit $p->atGrit") : null,
            $p->byBrush ? 'slower where the brush goes every way' : null,
            $p->wet ? 'worked while wet' : null,
            $p->dusty ? 'makes dust' : null,
            'elsewhere: '.$p->reach->value,
            null === $p->wears ? null : \sprintf(
                'one %s lasts %g m²%s',
                $p->wears->name,
                $p->wears->lasts,
                $p->wears->isAbrasive ? ', by its grit' : '',
            ),
        ], is_string(...)));
    }

    private static function lies(Pattern $pattern): string
    {
        $zones = array_map(static fn (Zone $z): string => $z->inWords().' '.implode(', ', array_map(
            static fn (Level $l): string => \sprintf('%g %% × %g', round(100 * $l->share, 4), round($l->amount, 6)),
            $pattern->at($z),
        )), Zone::cases());
        $more = array_filter([
            $pattern->spread->value,
            'itself' === $pattern->follows->value ? null : 'follows '.$pattern->follows->value,
            $pattern->relief > 0.0 ? \sprintf('stands out %g', $pattern->relief) : null,
            $pattern->settles ? 'settles' : null,
            null === $pattern->way ? null : 'along '.$pattern->way,
        ], is_string(...));

        return implode('; ', $zones).' ('.implode(', ', $more).')';
    }

    private static function mannerInWords(Workmanship $m): string
    {
        return ucfirst(implode(', ', array_filter([
            Hand::Middle === $m->hand ? null : $m->hand->value.' hand',
            $m->strokes?->inWords(),
            null === $m->where ? null : 'full at the '.$m->where->inWords(),
            null === $m->share ? null : \sprintf('%g %% of the flat', 100 * $m->share),
            null === $m->blend ? null : 'the middle one of three blended',
        ], is_string(...))));
    }

    private static function tool(Tool $tool): string
    {
        $f = $tool->figures();

        return \sprintf(
            '- %s: %g min to set up and clean, pace %g, bite %g, wet film %g, loses %g %%, keeps %g ml, uneven by %g %%',
            ucfirst($tool->inWords()),
            $f->setUp,
            $tool->pace(),
            $tool->bite(),
            $f->laid,
            100 * $f->loss,
            $f->holdUp,
            100 * $f->uneven,
        );
    }
}
