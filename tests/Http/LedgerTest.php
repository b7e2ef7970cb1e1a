<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Brick\Math\BigRational;
use Inlaid\App\Store\EntryKind;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\App\Store\PotBook;
use Inlaid\App\Store\ShelfStock;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Measure\Quantity;
use Inlaid\Core\Mixing\Contents;
use Inlaid\Core\Mixing\Portion;
use Inlaid\Core\Stock\Account;
use Inlaid\Core\Stock\InvalidStock;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * The ledger over years of use: however often pots are divided it stays exact and short, what is booked twice counts once, and what belongs
 * together is booked together.
 */
final class LedgerTest extends TestCase
{
    use Randomly;
    use SharesStudio;

    private const MATERIALS = ['engine-green', 'platform-slate', 'water', 'lamp-soot', 'glazing-medium'];

    protected function setUp(): void
    {
        self::tearDownAfterClass();
        self::setUpBeforeClass();
    }

    /**
     * Ten thousand changes over twenty pots, in thirds, sevenths and thirteenths; every page is read again and again, and the sums are
     * right to the last digit.
     */
    public function testThousandsOfChangesLeaveEveryPageReadable(): void
    {
        $kernel = self::$studio->kernel();
        $container = $kernel->getContainer()->get('test.service_container');
        self::assertInstanceOf(\Symfony\Component\DependencyInjection\ContainerInterface::class, $container);
        [$pots, $shelf, $stock, $doctrine] = [
            $container->get(PotBook::class),
            $container->get(MaterialShelf::class),
            $container->get(ShelfStock::class),
            $container->get('doctrine'),
        ];
        \assert(
            $pots instanceof PotBook
                && $shelf instanceof MaterialShelf
                && $stock instanceof ShelfStock
                && $doctrine instanceof \Doctrine\Persistence\ManagerRegistry,
        );
        $materials = array_intersect_key($shelf->byId(), array_flip(self::MATERIALS));
        $ids = array_map(fn (int $i): string => $this->mixed($i), range(1, 20));
        $longest = 0;
        $this->manyTimes(1, function () use ($pots, $stock, $doctrine, $materials, $ids, &$longest): void {
            $done = $refused = 0;
            while ($done < 2_000) {
                try {
                    $this->something($pots, $stock, $materials, $ids);
                    ++$done;
                } catch (InvalidStock) {
                    ++$refused;
                    $doctrine->resetManager(); // as after a request
                }
                if (0 === $done % 5) { // a request knows no more of them
                    $doctrine->getManager()->clear();
                }
                if (0 === $done % 500) {
                    $longest = max($longest, $this->everyPage());
                }
            }
            self::assertGreaterThan(40, $refused, 'what is not there is refused');
        });
        $kernel->shutdown();
        self::assertLessThan(24, $longest, 'amounts stay as short as they were typed');
        $this->sumsAreRight();
    }

    /** As many materials in one pot and as many pots on the shelf as nobody thought of. */
    public function testAPotOfManyMaterialsAndManyPotsAreNoTrouble(): void
    {
        $first = $this->mixed(1);
        foreach (array_chunk(range(1, 41), 20) as $ids) {
            $add = [];
            foreach ($ids as $i) {
                $material = self::$studio->json(
                    'POST',
                    '/api/materials',
                    ['material' => ['id' => "tint-$i", 'name' => "Tint $i"] + (array) self::$given->material('lamp-soot')],
                    201,
                );
                $add[] = ['material' => $material->material->id ?? "tint-$i", 'amount' => '1/7 ml'];
            }
            self::$studio->json('POST', "/api/pots/$first/add", ['add' => $add]);
        }
        $store = new \SQLite3(self::$studio->store);
        $store->exec(
            "WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 501)
            INSERT INTO pot
            SELECT 'MANY' || printf('%022d', i), 'Rest ' || i, document, made_at, place, use_by, recipe_id, step_id
            FROM n, pot WHERE pot.id = '$first'",
        );
        $store->exec(
            "INSERT INTO balance SELECT 'pot:MANY' || printf('%022d', substr(p.id, 5)), 'water', '12.5' FROM pot p WHERE p.id LIKE 'MANY%'",
        );
        $store->close();
        $worked = self::$studio->json('POST', '/api/preview', ['document' => self::$studio->recipe()->document]);
        self::assertGreaterThan(501, \count($worked->context->pots));
        self::assertContains(43, array_map(static fn (\stdClass $p): int => \count((array) $p->holds), $worked->context->pots));
        self::assertGreaterThan(0, $this->everyPage());
        self::$studio->json('POST', '/api/preview', ['document' => self::$studio->recipe()->document, 'context' => $worked->context]);
    }

    /** What is refused is not stored. */
    #[TestWith(['1/99999999999999 ml'])]
    #[TestWith(['0.0000001 ml'])]
    #[TestWith(['999999999999999999999 ml'])]
    public function testAnAmountNobodyHasIsRefusedAndNotStored(string $amount): void
    {
        $before = self::$studio->json('GET', '/api/stock');
        self::assertSame(
            '/amount',
            self::$studio->json('POST', '/api/stock/engine-green/purchase', ['amount' => $amount], 422)->violations[0]->pointer,
        );
        self::assertEquals($before, self::$studio->json('GET', '/api/stock'));
    }

    public function testWhatIsSentTwiceIsBookedOnce(): void
    {
        $pot = $this->mixed(1);
        $again = static fn (string $path, array $body, string $key): array => array_map(
            static fn (): array => [
                ($r = self::$studio->ask('POST', $path, (object) $body, ['Idempotency-Key' => $key]))->getStatusCode(),
                (string) $r->getContent(),
            ],
            [1, 2],
        );
        foreach ([
            ['/api/stock/engine-green/purchase', ['amount' => '100 ml', 'count' => 2, 'more' => [['amount' => '30 ml']]], 200],
            ["/api/pots/$pot/use", ['amount' => '10 ml'], 200],
            ["/api/pots/$pot/discard", ['amount' => '5 ml'], 200],
            ["/api/pots/$pot/add", ['add' => [['material' => 'water', 'amount' => '7 ml']]], 200],
            ["/api/pots/$pot/evaporate", ['material' => 'water', 'grams' => '2 g'], 200],
            [
                "/api/pots/$pot/correct",
                ['pourOff' => '20 ml', 'name' => 'Off', 'add' => [['material' => 'water', 'amount' => '9 ml']]],
                200,
            ],
            ['/api/pots/pool', ['name' => 'Pool', 'from' => [['pot' => $pot, 'amount' => '3 ml']]], 201],
            ['/api/pots', $this->asked(2), 201],
        ] as $i => [$path, $body, $status]) {
            $lines = self::$studio->json('GET', '/api/ledger')->total;
            [$one, $two] = $again($path, $body, "booking-key-$i");
            self::assertSame([$status, $one], [$one[0], $two], "$path answers the same twice");
            self::assertSame(
                $lines + (str_ends_with($path, 'correct') ? 2 : 1),
                self::$studio->json('GET', '/api/ledger')->total,
                "$path is booked once",
            );
            $other = json_decode((string) preg_replace('/\d+ (ml|g)"/', '1 $1"', (string) json_encode($body)));
            self::assertSame(
                409,
                self::$studio->ask('POST', $path, $other, ['Idempotency-Key' => "booking-key-$i"])->getStatusCode(),
                "$path with another content is refused",
            );
        }
        self::assertSame(
            400,
            self::$studio->ask('POST', "/api/pots/$pot/use", new \stdClass(), ['Idempotency-Key' => 'x'])->getStatusCode(),
        );
        $this->sumsAreRight();
    }

    /** Where nothing can be added nothing is poured off either. */
    public function testAPotIsPutRightAsAWholeOrNotAtAll(): void
    {
        $pot = $this->mixed(1);
        $before = [self::$studio->json('GET', '/api/ledger'), self::$studio->json('GET', '/api/pots')];
        foreach ([
            ['20 ml', []],
            ['20 ml', [['material' => 'water', 'amount' => '0 ml']]],
            ['5000 ml', [['material' => 'water', 'amount' => '1 ml']]],
            ['20 ml', [['material' => 'gravy', 'amount' => '1 ml']]],
        ] as [$off, $add]) {
            self::$studio->json('POST', "/api/pots/$pot/correct", ['pourOff' => $off, 'name' => 'Off', 'add' => $add], 422);
        }
        self::assertEquals($before, [self::$studio->json('GET', '/api/ledger'), self::$studio->json('GET', '/api/pots')]);
        $ml = self::$studio->json('GET', "/api/pots/$pot")->holds->holds->ml;
        $right = self::$studio->json(
            'POST',
            "/api/pots/$pot/correct",
            ['pourOff' => '20 ml', 'name' => 'Off', 'add' => [['material' => 'water', 'amount' => '9 ml']]],
        );
        self::assertEqualsWithDelta($ml - 11, $right->holds->holds->ml, 1e-4);
        self::assertEqualsWithDelta(20, self::$studio->json('GET', '/api/pots')->pots[0]->holds->holds->ml, 1e-4);
    }

    /**
     * @param array<string, \Inlaid\Core\Material\Material> $materials
     * @param list<string>                                  $ids
     *
     * @throws InvalidStock
     */
    private function something(PotBook $pots, ShelfStock $stock, array $materials, array $ids): void
    {
        $pot = $ids[$this->int(0, 19)];
        $material = self::MATERIALS[$this->int(0, 4)];
        $some = $this->rational(1, 60, 13);
        $all = $some->isLessThan(5);
        match ($this->int(0, 9)) {
            0 => $stock->buy($material, [Quantity::millilitres($some)]),
            1 => $stock->count($material, Quantity::grams($this->rational(0, 900, 7))),
            2, 3, 4 => $pots->add(
                $pot,
                Contents::of([Portion::of($materials[$material], $some), Portion::of($materials['water'], $this->rational(1, 30, 7))]),
            ),
            5 => $pots->take($pot, $all ? null : $some, EntryKind::Used, Account::used()),
            6 => $pots->take($pot, $some->dividedBy(7), EntryKind::Thrown, Account::thrown()),
            7 => $pots->evaporate($pot, 'water', $this->rational(1, 3, 11)),
            default => $pots->take($pot, $some->dividedBy(3), EntryKind::Pooled, Account::pot($ids[$this->int(0, 19)])),
        };
    }

    /** @return int characters of the longest amount that is kept */
    private function everyPage(): int
    {
        for ($page = 1, $pages = 1; $page <= $pages; ++$page) {
            $list = self::$studio->json('GET', "/api/pots?page=$page");
            $pages = (int) ceil($list->total / $list->size);
        }
        self::$studio->json('GET', '/api/ledger?page=1');
        self::$studio->json('GET', '/api/ledger?page=2');
        $recipe = self::$studio->recipe();
        self::$studio->json('GET', "/api/shopping?recipes=$recipe->id");
        self::$studio->json('POST', '/api/preview', ['document' => $recipe->document]);
        self::$studio->json('POST', '/api/compute/days', new \stdClass());
        self::assertSame(200, self::$studio->ask('GET', '/api/days.ics')->getStatusCode());
        self::$studio->json('GET', '/api/stock');

        return (int) (new \SQLite3(self::$studio->store))->querySingle('SELECT MAX(LENGTH(grams)) FROM balance');
    }

    /** What was bought is what is left, used and thrown away; and the balances are the sums of the lines. */
    private function sumsAreRight(): void
    {
        $store = new \SQLite3(self::$studio->store);
        $sums = [];
        $lines = $store->query('SELECT moves FROM ledger ORDER BY rowid');
        while (false !== $lines && false !== $line = $lines->fetchArray(\SQLITE3_NUM)) {
            /** @var list<array{material: string, grams: string, from: string, to: string}> $moves */
            $moves = json_decode((string) $line[0], true);
            foreach ($moves as $move) {
                $sums["$move[from] $move[material]"] = (
                    $sums["$move[from] $move[material]"] ?? BigRational::zero()
                )->minus($move['grams'])->simplified();
                $sums["$move[to] $move[material]"] = (
                    $sums["$move[to] $move[material]"] ?? BigRational::zero()
                )->plus($move['grams'])->simplified();
            }
        }
        $rows = $store->query('SELECT account, material_id, grams FROM balance');
        $all = [];
        while (false !== $rows && false !== $row = $rows->fetchArray(\SQLITE3_NUM)) {
            [$account, $material, $grams] = array_map(strval(...), $row);
            $sum = $sums["$account $material"] ?? BigRational::zero();
            self::assertSame($grams, ExactNumber::exact('bought' === $account ? $sum->negated() : $sum), "$account $material");
            self::assertFalse(BigRational::of($grams)->isNegative());
            $all[$material] = ($all[$material] ?? BigRational::zero())->plus($sum)->simplified();
        }
        self::assertNotEmpty($all);
        foreach ($all as $material => $sum) {
            self::assertTrue($sum->isZero(), "$material comes from nowhere, or goes nowhere");
        }
    }

    private function mixed(int $i): string
    {
        $id = self::$studio->json('POST', '/api/pots', $this->asked($i), 201)->id;
        self::assertIsString($id);

        return $id;
    }

    /**
     * @return array<string, mixed>
     */
    private function asked(int $i): array
    {
        return [
            'name' => "Green, thinned $i",
            'materials' => array_map(self::$given->material(...), ['engine-green', 'water']),
            'mixes' => [],
            'of' => ['material' => 'engine-green'],
            'holds' => [['material' => 'engine-green', 'amount' => (50 + $i).'/7 ml'], ['material' => 'water', 'amount' => '250/3 ml']],
        ];
    }
}
