<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Brick\Math\BigRational;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * Pots on the shelf: mixed, topped up, poured together, used and thrown away, and the ledger that says where everything went.
 */
final class PotsTest extends TestCase
{
    use Randomly;
    use SharesStudio;

    /**
     * Of 310 ml of engine green on the demo shelf 100 go into a pot with 50 of water: 210 are left. Half of the pot is used, 15 ml thrown
     * away; the rest is topped
     * up with 20 ml, more than which needs no shelf.
     */
    public function testAPotFromMixingToTheBin(): void
    {
        self::assertSame('310', $this->left('engine-green'));
        $pot = $this->mix('Green, thinned', ['engine-green' => '100 ml', 'water' => '50 ml'], ['place' => 'window sill']);
        self::assertSame(
            ['Green, thinned', 'window sill', '150 ml', '1 Engine Green, trim paint : 0.5 Water'],
            [$pot->name, $pot->place, $pot->holds->holds->text, $pot->holds->words],
        );
        self::assertSame('210', $this->left('engine-green'));

        $used = $this->pot($pot->id, 'use', ['amount' => '75 ml', 'note' => 'cupboard, first coat']);
        self::assertSame('75', $used->holds->holds->exact);
        self::assertSame('60', $this->pot($pot->id, 'discard', ['amount' => '15 ml'])->holds->holds->exact);
        $full = $this->pot($pot->id, 'add', ['add' => [['material' => 'water', 'amount' => '20 ml']]]);
        self::assertSame(['80', '1 Engine Green, trim paint : 1 Water'], [$full->holds->holds->exact, $full->holds->words]);
        self::assertSame('70', $this->pot($pot->id, 'evaporate', ['material' => 'water', 'grams' => '10 g'])->holds->holds->exact);
        self::assertNull($this->pot($pot->id, 'use', [])->holds, 'all');
        self::assertNull(self::$studio->json('GET', "/api/pots/$pot->id")->holds);
        self::assertStringContainsString('Not enough', $this->pot($pot->id, 'use', ['amount' => '1 ml'], 422)->violations[0]->message);

        $lines = self::$studio->json('GET', "/api/ledger?pot=$pot->id");
        self::assertSame(
            ['used', 'evaporated', 'added', 'thrown', 'used', 'mixed'],
            array_column($lines->entries, 'kind'),
            'the last first',
        );
        self::assertSame('cupboard, first coat', $lines->entries[4]->note);
    }

    /** A studio of years is searched on the server: by any part of a name, what is in stock apart from what is empty, page by page. */
    public function testPotsAreFoundByNameAndByWhatIsInThem(): void
    {
        $ids = [];
        for ($i = 1; $i <= 63; ++$i) {
            $ids[] = $this->mix("Lintel_grey $i", ['water' => '10 ml'])->id;
        }
        foreach (\array_slice($ids, 0, 2) as $id) {
            $this->pot($id, 'discard', []);
        }
        $find = static fn (string $query): \stdClass => self::$studio->json('GET', "/api/pots?$query");
        self::assertSame([63, 60], [$find('query=lintel_GREY')->total, \count($find('query=lintel_GREY')->pots)]);
        self::assertSame(
            [61, [$ids[2]]],
            [$find('query=lintel_&inStock=true&page=2')->total, array_column($find('query=lintel_&inStock=true&page=2')->pots, 'id')],
            'the last made first',
        );
        self::assertSame([$ids[1], $ids[0]], array_column($find('query=lintel_&inStock=false')->pots, 'id'));
        self::assertSame([0, 0, 0], [$find('query=lintel%25')->total, $find('query=tel%20gr')->total, $find('query=!')->total]);
        self::assertSame($find('')->total, $find('inStock=true')->total + $find('inStock=false')->total);
    }

    /**
     * The smoke glaze of the lamp cupboard stands in a pot: its step says so, and what is to be bought is the less. Used up, past its day
     * or off the ratio it does not.
     */
    public function testAStepFindsThePotThatHoldsItsMix(): void
    {
        $recipe = self::$studio->recipe('cupboard');
        $worked = static fn (array $context = []): \stdClass => self::$studio->json(
            'POST',
            '/api/preview',
            ['document' => $recipe->document, 'context' => (object) $context],
        );
        $step = static fn (\stdClass $worked): \stdClass => array_column($worked->preview->steps, null, 'id')['s5'];
        $found = $step($worked())->pour;
        self::assertSame(
            [['Smoke glaze, rest', '84']],
            array_map(static fn (\stdClass $p): array => [$p->name, $p->holds->exact], $found->pots),
        );
        self::assertEqualsWithDelta(min(84, $found->need->ml), $found->pots[0]->takes->ml, 0.001);
        $pots = $worked()->context->pots;
        $glaze = array_values(array_filter($pots, static fn (\stdClass $p): bool => 'Smoke glaze, rest' === $p->name))[0];

        $less = static fn (string $grams): array => ['pots' => [(object) (
            ['holds' => (object) (['lamp-soot' => $grams] + (array) $glaze->holds)] + (array) $glaze
        )]];
        self::assertCount(1, $step($worked(['pots' => [$glaze]]))->pour->pots);
        self::assertCount(0, $step($worked($less('1')))->pour->pots, 'too little soot in it');
        self::assertCount(
            0,
            $step($worked(['pots' => [(object) (
                ['holds' => (object) (['water' => '3'] + (array) $glaze->holds)] + (array) $glaze
            )]]))->pour->pots,
            'water in it',
        );
        self::assertCount(
            0,
            $step($worked(['pots' => [(object) (['goodUntil' => '2020-01-01'] + (array) $glaze)]]))->pour->pots,
            'past its day',
        );
        self::assertCount(1, $step($worked(['pots' => [(object) (['goodUntil' => '2120-01-01'] + (array) $glaze)]]))->pour->pots);
        $medium = static fn (\stdClass $worked): ?float => array_column(
            $worked->preview->materials,
            null,
            'materialId',
        )['glazing-medium']->inPots?->ml;
        self::assertGreaterThan(10.0, $medium($worked()));
        self::assertNull($medium($worked(['pots' => []])));
        self::$studio->json(
            'POST',
            '/api/preview',
            ['document' => $recipe->document, 'context' => ['pots' => [['id' => 'x', 'name' => 'Empty', 'holds' => ['water' => '0']]]]],
            422,
        );
    }

    /**
     * Two pots poured together hold what was taken of both; one poured off leaves the rest; what they are made of goes along.
     */
    public function testPotsArePouredTogether(): void
    {
        $strong = $this->mix('Strong', ['platform-slate' => '30 ml', 'water' => '30 ml']);
        $thin = $this->mix('Thin', ['platform-slate' => '10 ml', 'water' => '50 ml']);
        $both = self::$studio->json(
            'POST',
            '/api/pots/pool',
            [
                'name' => 'Both',
                'from' => [['pot' => $strong->id, 'amount' => '20 ml'], ['pot' => $thin->id]],
                'add' => [['material' => 'glazing-medium', 'amount' => '10 ml']],
            ],
            201,
        );
        self::assertSame(
            ['90', ['20', '60', '10']],
            [$both->holds->holds->exact, array_map(static fn (\stdClass $l): string => $l->amount->exact, $both->holds->lines)],
        );
        self::assertSame('40', self::$studio->json('GET', "/api/pots/$strong->id")->holds->holds->exact);
        self::assertNull(self::$studio->json('GET', "/api/pots/$thin->id")->holds);
        $off = self::$studio->json(
            'POST',
            '/api/pots/pool',
            ['name' => 'Poured off', 'from' => [['pot' => $both->id, 'amount' => '30 ml']]],
            201,
        );
        self::assertSame(['30', '60'], [$off->holds->holds->exact, self::$studio->json('GET', "/api/pots/$both->id")->holds->holds->exact]);
    }

    /**
     * A pot with a pot life is to be used by then, unless a day is given.
     */
    public function testAPotKnowsWhenItGoesOff(): void
    {
        $milk = $this->mix('Milk', ['halt-ochre' => '20 ml', 'water' => '30 ml']);
        self::assertContains($milk->useBy, [date('Y-m-d'), date('Y-m-d', time() + 86400)]);
        self::assertSame('2027-01-31', $this->mix('Milk', ['halt-ochre' => '20 ml', 'water' => '30 ml'], ['useBy' => '2027-01-31'])->useBy);
        self::assertNull($this->mix('Slate', ['platform-slate' => '20 ml', 'water' => '30 ml'])->useBy);
    }

    public function testNonsenseChangesNothing(): void
    {
        $pot = $this->mix('Slate', ['platform-slate' => '20 ml', 'water' => '30 ml']);
        $before = self::$studio->json('GET', '/api/ledger');
        foreach ([
            ['use', ['amount' => '51 ml'], '/amount'],
            ['use', ['amount' => '0 ml'], '/amount'],
            ['use', ['amount' => '5 g'], '/amount'],
            ['discard', ['colour' => 'red'], '/colour'],
            ['add', ['add' => []], '/add'],
            ['add', ['add' => [['material' => 'gravy', 'amount' => '1 ml']]], '/add/0/material'],
            ['evaporate', ['material' => 'water', 'grams' => '31 g'], '/grams'],
            ['evaporate', ['material' => 'clear-wax', 'grams' => '1 g'], '/material'],
        ] as [$what, $body, $pointer]) {
            self::assertSame($pointer, $this->pot($pot->id, $what, $body, 422)->violations[0]->pointer, $what);
        }
        $this->pot('01ARZ3NDEKTSV4RRFFQ69G5FAV', 'use', [], 404);
        self::assertSame(
            '/useBy',
            self::$studio->json(
                'POST',
                '/api/pots',
                ['useBy' => 'soon'] + $this->asked('Slate', ['platform-slate' => '1 ml', 'water' => '1 ml']),
                422,
            )->violations[0]->pointer,
        );
        self::assertSame(
            '/holds',
            self::$studio->json(
                'POST',
                '/api/pots',
                ['holds' => []] + $this->asked('Slate', ['platform-slate' => '1 ml', 'water' => '1 ml']),
                422,
            )->violations[0]->pointer,
        );
        self::assertSame(
            '/from',
            self::$studio->json('POST', '/api/pots/pool', ['name' => 'None', 'from' => []], 422)->violations[0]->pointer,
        );
        self::assertEquals($before, self::$studio->json('GET', '/api/ledger'));
    }

    /**
     * After any sequence of operations: what was bought is what is left, used and thrown away, and the sums that are kept are those of the
     * lines.
     */
    public function testTheLedgerSums(): void
    {
        $pots = [];
        $this->manyTimes(1, function () use (&$pots): void {
            for ($i = 0; $i < 60; ++$i) {
                $id = [] === $pots ? null : $pots[$this->int(0, \count($pots) - 1)];
                $ml = $this->int(1, 40).' ml';
                match (null === $id ? 1 : $this->int(0, 6)) {
                    0 => self::$studio->json('POST', '/api/stock/platform-slate/purchase', ['amount' => $this->int(100, 900).' ml']),
                    1 => $pots[] = $this->mix("Pot $i", ['platform-slate' => $this->int(1, 90).'/7 ml', 'water' => $ml])->id,
                    2 => self::$studio->ask('POST', "/api/pots/$id/use", ['amount' => $ml]),
                    3 => self::$studio->ask('POST', "/api/pots/$id/discard", ['amount' => $ml]),
                    4 => self::$studio->ask('POST', "/api/pots/$id/add", ['add' => [['material' => 'platform-slate', 'amount' => $ml]]]),
                    5 => self::$studio->ask(
                        'POST',
                        '/api/pots/pool',
                        ['name' => "Pool $i", 'from' => [['pot' => $id, 'amount' => $ml], ['pot' => $pots[0]]]],
                    ),
                    default => self::$studio->json(
                        'PUT',
                        '/api/stock/platform-slate',
                        ['amount' => (string) $this->int(0, 500), 'unit' => 'ml'],
                    ),
                };
            }
        });
        $ledger = self::$studio->json('GET', '/api/ledger');
        self::assertGreaterThan(50, $ledger->total);
        $sums = [];
        for ($page = 1; $page <= ceil($ledger->total / $ledger->size); ++$page) {
            foreach (self::$studio->json('GET', "/api/ledger?page=$page")->entries as $entry) {
                foreach ($entry->moves as $move) {
                    $grams = ExactNumber::parse($move->grams);
                    $sums[$move->material][$move->from] = ($sums[$move->material][$move->from] ?? BigRational::zero())->minus($grams);
                    $sums[$move->material][$move->to] = ($sums[$move->material][$move->to] ?? BigRational::zero())->plus($grams);
                }
            }
        }
        self::assertNotEmpty($ledger->materials);
        foreach ($ledger->materials as $m) {
            $of = static fn (string $account): BigRational => $sums[$m->material][$account] ?? BigRational::zero();
            $inPots = array_sum(array_map(
                static fn (string $account): float => str_starts_with($account, 'pot:') ? $of($account)->toFloat() : 0.0,
                array_keys($sums[$m->material]),
            ));
            self::assertTrue(ExactNumber::parse($m->bought)->isEqualTo($of('bought')->negated()), $m->material);
            self::assertTrue(ExactNumber::parse($m->shelf)->isEqualTo($of('shelf')));
            self::assertTrue(ExactNumber::parse($m->used)->isEqualTo($of('used')));
            self::assertTrue(ExactNumber::parse($m->thrown)->isEqualTo($of('thrown')));
            self::assertEqualsWithDelta($inPots, ExactNumber::parse($m->pots)->toFloat(), 1e-6);
            $right = ExactNumber::sum(array_map(ExactNumber::parse(...), [$m->shelf, $m->pots, $m->used, $m->thrown]));
            self::assertTrue(ExactNumber::parse($m->bought)->isEqualTo($right), 'to the last microlitre');
        }
    }

    /**
     * @param non-empty-array<string, string> $holds amounts by material
     * @param array<string, mixed>            $more
     */
    private function mix(string $name, array $holds, array $more = []): \stdClass
    {
        return self::$studio->json('POST', '/api/pots', $more + $this->asked($name, $holds), 201);
    }

    /**
     * @param non-empty-array<string, string> $holds
     *
     * @return array<string, mixed>
     */
    private function asked(string $name, array $holds): array
    {
        return [
            'name' => $name,
            'materials' => array_map(self::$given->material(...), array_keys($holds)),
            'mixes' => [[
                'id' => 'x',
                'name' => $name,
                'basis' => 'volume',
                'parts' => array_map(static fn (string $id): array => ['share' => '1', 'of' => ['material' => $id]], array_keys($holds)),
            ]],
            'of' => ['mix' => 'x'],
            'holds' => array_map(
                static fn (string $id, string $amount): array => ['material' => $id, 'amount' => $amount],
                array_keys($holds),
                $holds,
            ),
        ];
    }

    /**
     * @param array<string, mixed> $body
     */
    private function pot(string $id, string $what, array $body, int $status = 200): \stdClass
    {
        return self::$studio->json('POST', "/api/pots/$id/$what", (object) $body, $status);
    }

    private function left(string $material): ?string
    {
        return array_column(
            array_map(static fn (\stdClass $l): array => [$l->material, $l->amount], self::$studio->json('GET', '/api/stock')->left),
            1,
            0,
        )[$material] ?? null;
    }
}
