<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The mixing bench from the outside: a pot put right, leftovers used up, a ladder, what evaporated. Numbers reckoned by hand.
 */
final class MixingTest extends TestCase
{
    use SharesStudio;

    /**
     * Platform Slate 1 : 2 with water. 60 ml of slate and 300 of water are too thin by 90 ml of slate: 150 : 300 is 450 ml. In a jar of 400
     * ml 8/9 are kept, so
     * 40 ml are poured off and 80 added; what was poured off takes 10 more to become the same.
     */
    public function testAnOverThinnedPotIsRescued(): void
    {
        $asked = $this->bench(['platform-slate', 'water'], [1, 2]) + ['pot' => [
            ['material' => 'platform-slate', 'amount' => '60 ml'],
            ['material' => 'water', 'amount' => '300 ml'],
        ]];
        $found = $this->compute('correct', $asked);
        self::assertSame(
            ['450', null, ['90'], ['Platform Slate, chalk-type']],
            [$found->yield->exact, $found->pourOff, self::exact($found->add), array_column($found->add, 'name')],
        );
        self::assertSame('1 Platform Slate, chalk-type : 5 Water', $found->now->words);
        self::assertSame('1 Platform Slate, chalk-type : 2 Water', $found->then->words);
        self::assertEqualsWithDelta(5, $found->now->thinning, 1e-9);
        self::assertSame(['What is in it', 'Platform Slate, chalk-type'], array_column($found->cup->marks, 'name'));
        self::assertStringContainsString('90 ml', $found->add[0]->how);
        self::assertSame(0.0, (float) $found->error, 'the measures at hand make it exactly');

        $jar = $this->compute('correct', ['holds' => '400 ml'] + $asked);
        self::assertSame(
            ['400', '40', ['80'], ['10']],
            [$jar->yield->exact, $jar->pourOff->exact, self::exact($jar->add), self::exact($jar->pouredOffNeeds)],
        );

        $short = $this->compute('correct', ['have' => [['material' => 'platform-slate', 'amount' => '45 ml']]] + $asked);
        self::assertSame(
            ['225', '180', ['45'], ['Platform Slate, chalk-type']],
            [$short->yield->exact, $short->pourOff->exact, self::exact($short->add), $short->short],
        );
        self::assertSame(['45'], self::exact($short->nearest->add));
        // 105 : 300 is a share of 7/27 where a third is wanted: 2/9 too little, and so is the film
        self::assertEqualsWithDelta(2 / 9, $short->nearest->error, 1e-4);
        self::assertEqualsWithDelta(7 / 9, $short->nearest->film, 1e-4);
    }

    /**
     * Every mix to begin with can be made of what is on the shelf, holds together and is not over-thinned; its figures are those of its
     * parts.
     */
    public function testEveryMixToBeginWithIsGood(): void
    {
        $starts = self::$studio->json('GET', '/api/vocabulary')->mixes;
        self::assertGreaterThan(8, \count($starts));
        foreach ($starts as $start) {
            $ids = array_column($start->parts, 'material');
            $worked = $this->compute(
                'mix',
                [
                    'materials' => array_map(self::$given->material(...), $ids),
                    'mixes' => [[
                        'id' => 'x',
                        'name' => $start->name,
                        'basis' => 'volume',
                        'parts' => array_map(
                            static fn (\stdClass $p): array => ['share' => $p->share, 'of' => ['material' => $p->material]],
                            $start->parts,
                        ),
                    ]],
                    'of' => ['mix' => 'x'],
                    'amount' => '150 ml',
                ],
            );
            self::assertSame([], array_filter($worked->remarks, static fn (\stdClass $r): bool => 'advise' !== $r->severity), $start->name);
            self::assertEqualsWithDelta(150 * $worked->pricePerMl, $worked->exact->cost, 0.01, $start->name);
            self::assertNotNull($worked->wet, $start->name);
            self::assertEqualsWithDelta(1000, $worked->wet * $worked->spread, 1, $start->name);
        }
    }

    /**
     * 3 ml of 1 : 3 by drops of 0.05 ml are 15 and 45 of them; on a scale of a tenth of a gram every line is whole tenths.
     */
    public function testByDropsAndByWeight(): void
    {
        $asked = $this->bench(['platform-slate', 'water'], [1, 3]) + ['amount' => '3 ml'];
        $drops = $this->compute('mix', ['by' => 'drops'] + $asked)->measured;
        self::assertSame([['15 drops', '45 drops'], 0.0], [array_column($drops->lines, 'how'), (float) $drops->error]);
        $weight = $this->compute('mix', ['by' => 'weight', 'amount' => '90 ml'] + $asked)->measured;
        foreach ($weight->lines as $line) {
            self::assertStringContainsString(' g on the bench scale', $line->how);
            self::assertEqualsWithDelta(round($line->amount->g, 1), $line->amount->g, 1e-6);
        }
        self::assertSame('/by', $this->compute('mix', ['by' => 'eye'] + $asked, 422)->violations[0]->pointer);
    }

    /**
     * Milk paint 2 : 3 as scooped (0.72 g/ml): 100 g of powder are 138 8/9 ml and want 208 1/3 of water; with 150 in the pot 58 1/3 are
     * missing.
     */
    public function testAPowderIsPutRightByTheScoop(): void
    {
        $found = $this->compute(
            'correct',
            $this->bench(['halt-ochre', 'water'], [2, 3]) + ['pot' => [
                ['material' => 'halt-ochre', 'amount' => '100 g'],
                ['material' => 'water', 'amount' => '150 ml'],
            ]],
        );
        self::assertSame(['175/3'], self::exact($found->add));
        self::assertEqualsWithDelta(1.5, $found->then->thinning, 1e-9);
    }

    /**
     * Wanted 1 : 2. Of 1 : 1 (60 ml) and 1 : 5 (60 ml): t of the first give 30 of each, u of the second 10 and 50; 2(30t + 10u) = 30t + 50u
     * makes t = u, so all of
     * both make 120 ml. Water alone makes no more of it; 20 ml of slate and water do, 60 : 120.
     */
    public function testLeftoversAreUsedUp(): void
    {
        $pot = static fn (string $name, string $paint, string $water): array => [
            'name' => $name,
            'holds' => [['material' => 'platform-slate', 'amount' => $paint], ['material' => 'water', 'amount' => $water]],
        ];
        $asked = $this->bench(
            ['platform-slate', 'water'],
            [1, 2],
        ) + ['pots' => [$pot('Strong', '30 ml', '30 ml'), $pot('Thin', '10 ml', '50 ml')]];
        $found = $this->compute('pool', $asked);
        self::assertSame(
            ['120', ['60', '60'], ['0', '0'], [], 1.0],
            [
                $found->yield->exact,
                array_column($found->taken, 'exact'),
                array_column($found->left, 'exact'),
                $found->add,
                (float) $found->used,
            ],
        );
        self::assertSame('120', $this->compute('pool', ['have' => [['material' => 'water', 'amount' => '1 l']]] + $asked)->yield->exact);
        $more = $this->compute(
            'pool',
            ['have' => [['material' => 'water', 'amount' => '1 l'], ['material' => 'platform-slate', 'amount' => '20 ml']]] + $asked,
        );
        self::assertSame(['180', ['20', '40']], [$more->yield->exact, self::exact($more->add)]);
        $little = $this->compute('pool', ['amount' => '60 ml'] + $asked);
        self::assertSame(['60', 1.0], [$little->yield->exact, (float) $little->used]);
        self::assertStringContainsString(
            'Not enough',
            $this->compute('pool', ['amount' => '121 ml'] + $asked, 422)->violations[0]->message,
        );
    }

    /**
     * From 1 : 1 to 1 : 4 in four rungs of 30 ml: 15, 12, 9 and 6 ml of paint; 60 ml of each end for all.
     */
    public function testALadderIsGraded(): void
    {
        $bench = $this->bench(['platform-slate', 'water'], [1, 1]);
        unset($bench['of']);
        $bench['mixes'][] = [
            'id' => 'thin',
            'name' => 'Thin',
            'basis' => 'volume',
            'parts' => [['share' => '1', 'of' => ['material' => 'platform-slate']], ['share' => '4', 'of' => ['material' => 'water']]],
        ];
        $found = $this->compute(
            'ladder',
            $bench + ['from' => ['mix' => 'target'], 'to' => ['mix' => 'thin'], 'rungs' => 4, 'each' => '30 ml'],
        );
        self::assertSame(['60', '60'], [$found->first->exact, $found->second->exact]);
        self::assertSame(
            ['15', '12', '9', '6'],
            array_map(static fn (\stdClass $r): string => $r->holds->lines[0]->amount->exact, $found->rungs),
        );
        foreach ($found->rungs as $rung) {
            self::assertGreaterThanOrEqual(30.0, $rung->measured->yield->ml);
        }
    }

    /**
     * 150 ml of slate (1.42 g/ml) and water 1 : 2 are 71 g and 100. With 78.1 g of slate the rest follows: 110 g of water, a tenth more in
     * all.
     */
    public function testOnTheScaleTheRestFollows(): void
    {
        $asked = $this->bench(['platform-slate', 'water'], [1, 2]) + ['amount' => '150 ml'];
        self::assertSame(
            [71.0, 100.0],
            array_map(static fn (\stdClass $l): float => (float) $l->amount->g, $this->compute('pour', $asked)->targets),
        );
        self::assertSame(
            [71.0, 100.0],
            array_map(
                static fn (\stdClass $l): float => (float) $l->amount->g,
                $this->compute('pour', ['poured' => [12.5]] + $asked)->targets,
            ),
            'while it is being poured',
        );
        $over = $this->compute('pour', ['poured' => [78.1]] + $asked);
        self::assertSame(
            [[78.1, 110.0], 0.1, '165'],
            [array_map(static fn (\stdClass $l): float => (float) $l->amount->g, $over->targets), $over->more, $over->yield->exact],
        );
        self::assertSame('/poured', $this->compute('pour', ['poured' => [1, 2, 3]] + $asked, 422)->violations[0]->pointer);
        self::assertSame('/poured', $this->compute('pour', ['poured' => [-1]] + $asked, 422)->violations[0]->pointer);
    }

    /**
     * The stand-in for a scale swings, and settles on what lies on it.
     */
    public function testTheScaleSettles(): void
    {
        self::$studio->json('PUT', '/api/scale', ['grams' => 0]);
        self::$studio->json('PUT', '/api/scale', ['grams' => 71.3]);
        $shown = [];
        $end = hrtime(true) + 20_000_000_000;
        do {
            $shown[] = $now = self::$studio->json('GET', '/api/scale');
        } while (!$now->settled && hrtime(true) < $end);
        self::assertSame([71.3, true], [$now->grams, $now->settled]);
        self::assertFalse($shown[0]->settled, 'not at once');
        foreach ([-1, 20_001, 'heavy'] as $nonsense) {
            self::assertSame('/grams', self::$studio->json('PUT', '/api/scale', ['grams' => $nonsense], 422)->violations[0]->pointer);
        }
        self::assertSame(71.3, self::$studio->json('GET', '/api/scale')->grams);
        foreach ([2.3, 0.2] as $more) {
            self::$studio->json('PUT', '/api/scale', ['more' => $more]);
        }
        do {
            $now = self::$studio->json('GET', '/api/scale');
        } while (!$now->settled && hrtime(true) < $end);
        self::assertSame(73.8, $now->grams);
    }

    /**
     * 100 ml of water in the pot, 30 g lighter than it was: 70 ml are left, and 30 restore it.
     */
    public function testWhatEvaporatedIsPutBack(): void
    {
        $asked = [
            'pot' => [['material' => 'platform-slate', 'amount' => '100 ml'], ['material' => 'water', 'amount' => '100 ml']],
            'then' => '410 g',
            'now' => '380 g',
            'thinner' => 'water',
        ];
        $asked += array_intersect_key($this->bench(['platform-slate', 'water'], [1, 1]), ['materials' => true]);
        $found = $this->compute('evaporation', $asked);
        self::assertSame(['30', '1 Platform Slate, chalk-type : 0.7 Water'], [$found->restore->amount->exact, $found->now->words]);
    }

    /**
     * @return iterable<string, array{string, array<string, mixed>, string, string}> what is asked, what is wrong, where and why
     */
    public static function nonsense(): iterable
    {
        $pot = [['material' => 'water', 'amount' => '5 ml']];
        yield 'a stranger in the pot' => [
            'correct',
            ['pot' => [['material' => 'clear-wax', 'amount' => '5 ml']]],
            '/pot',
            'nothing you add can remove it',
        ];
        yield 'an empty pot' => ['correct', ['pot' => []], '/pot', 'pot is empty'];
        yield 'an unknown material' => ['correct', ['pot' => [['material' => 'gravy', 'amount' => '5 ml']]], '/pot/0/material', 'gravy'];
        yield 'no amount' => ['correct', ['pot' => [['material' => 'water', 'amount' => 'some']]], '/pot/0/amount', ''];
        yield 'a pot of grams' => ['correct', ['pot' => $pot, 'holds' => '5 g'], '/holds', ''];
        yield 'fuller than full' => ['correct', ['pot' => $pot, 'holds' => '4 ml'], '/pot', 'more than the pot capacity'];
        yield 'a field nobody knows' => ['correct', ['pot' => $pot, 'colour' => 'red'], '/colour', 'Unknown field'];
        yield 'thirteen leftovers' => ['pool', ['pots' => array_fill(0, 13, ['name' => 'Pot', 'holds' => $pot])], '/pots', '13'];
        yield 'a ladder of one' => [
            'ladder',
            ['from' => ['mix' => 'target'], 'to' => ['mix' => 'target'], 'rungs' => 1, 'each' => '5 ml'],
            '/rungs',
            '2 to 12',
        ];
        yield 'heavier than it was' => [
            'evaporation',
            ['pot' => $pot, 'then' => '10 g', 'now' => '11 g', 'thinner' => 'water'],
            '/now',
            'heavier',
        ];
        yield 'nothing gone' => [
            'evaporation',
            ['pot' => $pot, 'then' => '10 g', 'now' => '10 g', 'thinner' => 'water'],
            '/now',
            'nothing has evaporated',
        ];
        yield 'weighed in ml' => ['evaporation', ['pot' => $pot, 'then' => '10 ml', 'now' => '10 g', 'thinner' => 'water'], '/then', ''];
    }

    /**
     * @param array<string, mixed> $wrong
     */
    #[DataProvider('nonsense')]
    public function testNonsenseIsToldWhereItIs(string $what, array $wrong, string $pointer, string $why): void
    {
        $bench = $this->bench(['platform-slate', 'water', 'clear-wax'], [1, 2]);
        $told = $this->compute(
            $what,
            $wrong + (
                'evaporation' === $what
                    ? array_diff_key($bench, ['mixes' => 1, 'of' => 1])
                    : ('ladder' === $what ? array_diff_key($bench, ['of' => 1]) : $bench)
            ),
            422,
        );
        self::assertSame($pointer, $told->violations[0]->pointer);
        self::assertStringContainsString($why, $told->violations[0]->message);
    }

    /**
     * @param non-empty-list<string> $materials the first two of them in the mix "target", by so many parts
     * @param array{int, int}        $parts
     *
     * @return array{materials: list<mixed>, mixes: list<mixed>, of: array{mix: string}}
     */
    private function bench(array $materials, array $parts): array
    {
        return [
            'materials' => array_map(static fn (string $id): \stdClass => self::$given->material($id), $materials),
            'mixes' => [[
                'id' => 'target',
                'name' => 'Wanted',
                'basis' => 'volume',
                'parts' => array_map(
                    static fn (int $share, string $id): array => ['share' => (string) $share, 'of' => ['material' => $id]],
                    $parts,
                    \array_slice($materials, 0, 2),
                ),
            ]],
            'of' => ['mix' => 'target'],
        ];
    }

    /**
     * @param list<\stdClass> $lines
     *
     * @return list<string>
     */
    private static function exact(array $lines): array
    {
        return array_map(static fn (\stdClass $l): string => $l->amount->exact, $lines);
    }

    /**
     * @param array<string, mixed> $asked
     */
    private function compute(string $what, array $asked, int $status = 200): \stdClass
    {
        return self::$studio->json('POST', "/api/compute/$what", $asked, $status);
    }

    /**
     * A colour that is a paint's own is that paint; what was mixed of two is found in its parts; oil is not mixed into water; no powder,
     * flake or stain is matched with.
     */
    public function testAColourIsMatched(): void
    {
        $match = static fn (array $asked, int $status = 200): \stdClass => self::$studio->json(
            'POST',
            '/api/compute/match',
            $asked,
            $status,
        );
        $own = ['platform-slate', 'tunnel-mist', 'lamp-soot', 'poppy-bank', 'ballast'];
        $found = $match(['target' => '#5d6a72', 'paints' => $own, 'sheen' => 'chalky']);
        self::assertSame(
            [['platform-slate', 1]],
            array_map(static fn (\stdClass $p): array => [$p->materialId, $p->parts], $found->best->parts),
        );
        self::assertStringContainsString('no visible difference', $found->best->off->inWords);
        self::assertTrue($found->complete);

        $two = ['platform-slate', 'tunnel-mist', 'poppy-bank', 'ballast'];
        $between = $match(['target' => '#919aa0', 'paints' => $two, 'most' => 2]);
        self::assertSame(['platform-slate', 'tunnel-mist'], array_column($between->best->parts, 'materialId'));
        self::assertLessThan(5, $between->best->off->deltaE);
        self::assertGreaterThan(0, $between->best->price);
        $half = $match(['target' => '#919aa0', 'paints' => $two, 'most' => 2, 'amount' => '1/2 L'])->best;
        self::assertEqualsWithDelta(500, array_sum(array_column($half->amounts, 'ml')), 1e-6, 'as much as is wanted');
        self::assertEqualsWithDelta(
            $half->parts[0]->parts / $half->parts[1]->parts,
            $half->amounts[0]->ml / $half->amounts[1]->ml,
            1e-3,
            'in its ratio',
        );
        self::assertEqualsWithDelta(5 * $between->best->price, $half->price, 0.06, '100 ml where it is not said');
        self::assertSame('/amount', $match(['target' => '#919aa0', 'paints' => $own, 'amount' => 'a bit'], 422)->violations[0]->pointer);
        foreach ($between->others as $other) {
            self::assertNotSame(array_column($between->best->parts, 'materialId'), array_column($other->parts, 'materialId'));
        }

        $mixed = $match(['target' => '#34433d', 'paints' => ['trim-paint-oil', ...$own, 'halt-ochre', 'gilding-wax']]);
        self::assertSame(['Trim paint, oil-based', 'Halt Ochre, milk paint', 'Gilding wax'], $mixed->without);
        self::assertNotContains('trim-paint-oil', array_column($mixed->best->parts, 'materialId'));
        self::assertSame('/paints', $match(['target' => '#34433d', 'paints' => ['gilding-wax']], 422)->violations[0]->pointer);
        self::assertSame('/paints/0', $match(['target' => '#34433d', 'paints' => ['moonlight']], 422)->violations[0]->pointer);
        self::assertSame('/target', $match(['target' => 'green', 'paints' => $own], 422)->violations[0]->pointer);
        self::assertSame('/most', $match(['target' => '#34433d', 'paints' => $own, 'most' => 9], 422)->violations[0]->pointer);
        self::assertStringContainsString(
            '12 paints or fewer',
            $match(['target' => '#34433d', 'paints' => array_fill(0, 13, 'ballast')], 422)->violations[0]->message,
        );
    }
}
