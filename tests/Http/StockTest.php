<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use PHPUnit\Framework\TestCase;

/**
 * What is left on the shelf, and what therefore has to be bought.
 */
final class StockTest extends TestCase
{
    use SharesStudio;

    public function testWhatIsLeftIsKeptAndForgotten(): void
    {
        $left = static fn (): array => array_column(
            array_map(
                static fn (\stdClass $l): array => [$l->material, $l->amount.' '.$l->unit],
                self::$studio->json('GET', '/api/stock')->left,
            ),
            1,
            0,
        );
        self::assertSame('140 g', $left()['halt-ochre'], 'the demo shelf has opened packs');
        $stools = self::$studio->json('POST', '/api/preview', ['document' => self::$studio->recipe('stools')->document]);
        self::assertSame('140', $stools->context->stock->{'halt-ochre'}->amount, 'a preview goes by what is left');
        self::$studio->json('PUT', '/api/stock/signal-cream', ['amount' => '333,5', 'unit' => 'ml']);
        self::assertSame('333.5 ml', $left()['signal-cream']);
        self::$studio->json('PUT', '/api/stock/signal-cream', ['amount' => null, 'unit' => 'ml']);
        self::assertArrayNotHasKey('signal-cream', $left());
        self::$studio->json('PUT', '/api/stock/nonsense', ['amount' => '1', 'unit' => 'ml'], 404);
        foreach ([
            ['amount' => 'some', 'unit' => 'ml'],
            ['amount' => '-3', 'unit' => 'ml'],
            ['amount' => '3', 'unit' => 'cups'],
            ['amount' => '3', 'unit' => 'ml', 'colour' => 'red'],
        ] as $nonsense) {
            self::assertNotEmpty(self::$studio->json('PUT', '/api/stock/signal-cream', $nonsense, 422)->violations);
        }
        self::assertArrayNotHasKey('signal-cream', $left(), 'nothing of it was kept');
    }

    /**
     * Chalk-type paint comes in packs; half of one on the shelf saves what it covers, in ml or in g, and never more than is needed.
     */
    public function testOnlyTheRestIsBought(): void
    {
        $document = self::$given->document(['steps' => [['brushed', 'signal-cream', ['coats' => 2]]]]);
        $of = static fn (array $stock): \stdClass => self::$studio->json(
            'POST',
            '/api/preview',
            ['document' => $document, 'context' => ['stock' => (object) $stock]],
        )->preview;
        $none = $of([]);
        $need = $none->materials[0];
        self::assertNull($need->left);
        self::assertGreaterThan(0, $none->bought);

        $half = $of(['signal-cream' => ['amount' => (string) round($need->amount->ml / 2, 1), 'unit' => 'ml']]);
        self::assertTrue($half->materials[0]->toBuy);
        self::assertLessThanOrEqual($none->bought, $half->bought);
        self::assertSame($need->cost, $half->materials[0]->cost, 'what is used costs the same');

        foreach ([
            ['amount' => (string) ($need->amount->ml + 1), 'unit' => 'ml'],
            ['amount' => (string) ($need->amount->g + 1), 'unit' => 'g'],
        ] as $enough) {
            $all = $of(['signal-cream' => $enough]);
            self::assertSame([false, [], 0], [$all->materials[0]->toBuy, $all->materials[0]->packs, (int) $all->bought]);
        }
        self::assertTrue($of(['signal-cream' => ['amount' => (string) ($need->amount->g - 1), 'unit' => 'g']])->materials[0]->toBuy);
        self::assertStringContainsString(
            '/context/stock/signal-cream',
            self::$studio->json(
                'POST',
                '/api/preview',
                ['document' => $document, 'context' => ['stock' => ['signal-cream' => 'much']]],
                422,
            )->violations[0]->pointer,
        );
    }
}
