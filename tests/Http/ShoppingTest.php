<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\App\Exchange\Csv;
use PHPUnit\Framework\TestCase;

/**
 * What is to be bought for several recipes, one after the other.
 */
final class ShoppingTest extends TestCase
{
    use SharesStudio;

    /**
     * For every material the need is the sum of what the recipes need with every round, less what is left, in packs that cover the rest; a
     * recipe later in the
     * list goes without first.
     */
    public function testSeveralRecipesAreBoughtForAtOnce(): void
    {
        $needs = $potted = [];
        $ids = [];
        foreach (['ticket', 'cupboard', 'stools'] as $query) {
            $recipe = self::$studio->recipe($query);
            $ids[] = $recipe->id;
            foreach (self::$studio->json('POST', '/api/preview', ['document' => $recipe->document])->preview->materials as $m) {
                $needs[$m->materialId][$recipe->document->title] = ($m->most ?? $m->amount)->ml - ($m->inPots->ml ?? 0);
                $potted[$m->materialId] = ($potted[$m->materialId] ?? 0) + ($m->inPots->ml ?? 0);
            }
        }
        $list = self::$studio->json('GET', '/api/shopping?recipes='.implode(',', $ids));
        self::assertSameSize($needs, $list->lines);
        self::assertGreaterThan(0, $potted['glazing-medium'], 'the smoke glaze stands in a pot');
        foreach ($list->lines as $line) {
            self::assertEqualsWithDelta(
                array_sum($needs[$line->materialId]) + $potted[$line->materialId],
                $line->need->ml,
                0.01,
                $line->name,
            );
            self::assertEqualsWithDelta($potted[$line->materialId], $line->inPots->ml ?? 0, 0.01);
            self::assertEqualsWithDelta(
                max(0, $line->need->ml - $potted[$line->materialId] - ($line->left->ml ?? 0)),
                $line->short->ml ?? 0,
                0.01,
            );
            self::assertSame(null !== $line->short, [] !== $line->packs);
            $left = $line->left->ml ?? 0;
            foreach ($needs[$line->materialId] as $title => $ml) {
                $left -= $ml;
                self::assertContains($title, $left >= 0 ? $line->enoughFor : $line->notEnoughFor, $line->name);
            }
        }
        self::assertEqualsWithDelta(array_sum(array_column($list->lines, 'price')), $list->price, 0.01);

        $wax = array_values(array_filter($list->lines, static fn (\stdClass $l): bool => 'clear-wax' === $l->materialId))[0];
        self::$studio->json('POST', '/api/stock/clear-wax/purchase', ['amount' => '2 l']);
        $after = array_values(array_filter(
            self::$studio->json('GET', '/api/shopping?recipes='.implode(',', $ids))->lines,
            static fn (\stdClass $l): bool => 'clear-wax' === $l->materialId,
        ))[0];
        self::assertEqualsWithDelta($wax->left->ml + 2000, $after->left->ml, 0.01);
        self::assertSame([null, [], []], [$after->short, $after->packs, $after->notEnoughFor]);
    }

    public function testItIsATableToo(): void
    {
        $answer = self::$studio->ask('GET', '/api/shopping.csv?recipes='.self::$studio->recipe('cupboard')->id);
        self::assertSame('text/csv; charset=utf-8', $answer->headers->get('Content-Type'));
        $rows = array_map(
            static fn (string $l): array => str_getcsv($l, ',', '"', ''),
            explode("\r\n", trim((string) $answer->getContent(), "\u{FEFF}\r\n")),
        );
        self::assertSame('Material', $rows[0][0]);
        self::assertContains('Engine Green, trim paint', array_column($rows, 0));
        self::assertSame([8], array_values(array_unique(array_map(\count(...), $rows))));
        self::assertSame(
            "\u{FEFF}a,\"b \"\"c\"\"\"\r\n'=1+1,\"x\ny\"\r\n,-3\r\n",
            Csv::write(['a', 'b "c"'], [['=1+1', "x\ny"], [null, -3]]),
            'no text is a formula',
        );
    }

    public function testNonsenseIsTold(): void
    {
        self::$studio->json('GET', '/api/shopping?recipes=01ARZ3NDEKTSV4RRFFQ69G5FAV', null, 404);
        self::$studio->json('GET', '/api/shopping?recipes='.implode(',', range(1, 41)), null, 400);
        self::assertSame([], self::$studio->json('GET', '/api/shopping')->lines);
    }
}
