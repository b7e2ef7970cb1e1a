<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\App\Exchange\Csv;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Tables out to a spreadsheet and in again.
 */
final class TablesTest extends TestCase
{
    private Studio $studio;

    protected function setUp(): void
    {
        $this->studio = Studio::open();
    }

    protected function tearDown(): void
    {
        $this->studio->close();
    }

    /** What a spreadsheet would take for a formula is none there, and what it was here. */
    public function testFormulasDoNotGetOutAndComeBackAsTheyWere(): void
    {
        $texts = [
            '=1+2',
            '+49 30',
            '-5',
            '@SUM(A1)',
            ' =1+2',
            '＝1+2',
            "\u{A0}@SUM(A1)",
            "plain, with a comma\nand \"a line\"",
            'grün; weiß',
            "'quoted'",
        ];
        $csv = Csv::write(['Words', 'Number'], array_map(static fn (string $t): array => [$t, -1.5], $texts));
        foreach (explode("\r\n", $csv) as $line) {
            self::assertDoesNotMatchRegularExpression('/(^|,)"?[\s\p{Z}]*[=+@＝]/u', $line);
        }
        self::assertSame($texts, array_column(Csv::read($csv, ['Words']), 'Words'));
        self::assertSame(['-1.5'], array_unique(array_column(Csv::read($csv, ['Number']), 'Number')));
    }

    public function testTheShelfIsCountedInASpreadsheet(): void
    {
        $csv = (string) $this->studio->ask('GET', '/api/stock.csv')->getContent();
        self::assertSame(
            [],
            array_filter($this->plan($csv)->lines, static fn (\stdClass $l): bool => $l->changes),
            'as it is it changes nothing',
        );

        $before = $this->studio->json('GET', '/api/stock');
        $table = "Name;Left;Unit;Opened on;Use by\n\"Engine Green, trim paint\";312,5;ml;2026-10-01;\nPLATFORM SLATE, chalk-type;;;;\n";
        $plan = $this->plan($table);
        self::assertStringContainsString('→ 312.5 ml, opened 2026-10-01', $plan->lines[0]->says);
        self::assertEquals($before, $this->studio->json('GET', '/api/stock'), 'a look keeps nothing');
        $this->studio->json('POST', '/api/stock/table', ['text' => $table]);
        $left = array_column($this->studio->json('GET', '/api/stock')->left, null, 'material');
        self::assertSame(['312.5', '2026-10-01'], [$left['engine-green']->amount, $left['engine-green']->openedOn]);
        self::assertArrayNotHasKey('platform-slate', $left);
        self::assertEqualsCanonicalizing(
            [...array_diff(array_column($before->left, 'material'), ['platform-slate', 'engine-green']), 'engine-green'],
            array_keys($left),
            'what it does not name stays',
        );
        self::assertFalse($this->plan($table)->lines[0]->changes, 'the same again changes nothing');
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function nonsense(): iterable
    {
        yield 'no table' => ["\0\1\2", 'control characters'];
        yield 'other columns' => ["A,B\n1,2", 'no column “Left”'];
        yield 'an unknown material' => [
            "Name,Left,Unit\n\"Engine Green, trim paint\",1,ml\nMoonlight,3,ml",
            'Line 3: No material “Moonlight”',
        ];
        yield 'twice' => ["Name,Left,Unit\n\"Engine Green, trim paint\",1,ml\n\"engine green, trim paint\",3,ml", 'twice'];
        yield 'no number' => ["Name,Left,Unit\n\"Engine Green, trim paint\",lots,ml", 'lots'];
        yield 'a formula' => ["Name,Left,Unit\n\"Engine Green, trim paint\",=1+2,ml", '1+2'];
        yield 'less than nothing' => ["Name,Left,Unit\n\"Engine Green, trim paint\",-3,ml", '/lines/0'];
        yield 'no unit' => ["Name,Left,Unit\n\"Engine Green, trim paint\",3,", 'Line 2: Use ml or g'];
        yield 'no day' => ["Name,Left,Unit,Opened on\n\"Engine Green, trim paint\",3,ml,yesterday", 'Enter a date'];
    }

    #[DataProvider('nonsense')]
    public function testATableWithOneWrongLineChangesNothing(string $table, string $says): void
    {
        $before = $this->studio->json('GET', '/api/stock');
        foreach (['/api/stock/table/plan', '/api/stock/table'] as $path) {
            self::assertStringContainsString(
                $says,
                stripslashes(\Inlaid\App\Exchange\Json::encode($this->studio->json('POST', $path, ['text' => $table], 422))),
            );
        }
        self::assertEquals($before, $this->studio->json('GET', '/api/stock'));
    }

    public function testALogGoesToAnotherStudioLineByLine(): void
    {
        $run = array_values(array_filter(
            $this->studio->json('GET', '/api/runs')->runs,
            static fn (\stdClass $r): bool => null !== $r->finishedAt,
        ))[0];
        $path = "/api/runs/$run->id/log";
        $this->studio->json(
            'POST',
            "/api/runs/$run->id/events",
            ['events' => [
                [
                    'id' => 'air-1',
                    'at' => gmdate(\DATE_ATOM),
                    'kind' => 'climate',
                    'climate' => ['temperature' => -2.5, 'humidity' => 81.0, 'air' => 'fan'],
                ],
                ['id' => 'formula', 'at' => gmdate(\DATE_ATOM), 'kind' => 'note', 'text' => '=HYPERLINK("x")'],
            ]],
        );
        $csv = (string) $this->studio->ask('GET', "$path.csv")->getContent();
        $made = $this->studio->json('GET', "/api/runs/$run->id/report");
        self::assertSame(
            [],
            array_filter($this->studio->json('POST', "$path/plan", ['text' => $csv])->lines, static fn (\stdClass $l): bool => $l->changes),
        );

        (new \SQLite3($this->studio->store))->exec("DELETE FROM run_event WHERE run_id = '$run->id'");
        $spoiled = str_replace(',air-1,', ',,', $csv);
        self::assertStringContainsString(
            '/lines/',
            \Inlaid\App\Exchange\Json::encode($this->studio->json('POST', $path, ['text' => $spoiled], 422)),
        );
        self::assertSame(
            0,
            (new \SQLite3($this->studio->store))->querySingle("SELECT COUNT(*) FROM run_event WHERE run_id = '$run->id'"),
            'one wrong line, and none is kept',
        );
        $this->studio->json('POST', $path, ['text' => $csv]);
        self::assertSame($csv, (string) $this->studio->ask('GET', "$path.csv")->getContent());
        self::assertEquals($made, $this->studio->json('GET', "/api/runs/$run->id/report"));
    }

    private function plan(string $table): \stdClass
    {
        return $this->studio->json('POST', '/api/stock/table/plan', ['text' => $table]);
    }
}
