<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use PHPUnit\Framework\TestCase;

/**
 * Lengths, areas and spreads as somebody types them and as the studio measures: what the page makes of them, run in Node.
 */
final class MeasuresTest extends TestCase
{
    public function testWhateverIsTypedIsRead(): void
    {
        $cases = [
            ['30 in', 'mm', 'metric', 762.0], ['30"', 'mm', 'metric', 762.0], ['2 ft 6', 'mm', 'metric', 762.0],
            ["2' 6\"", 'mm', 'metric', 762.0], ['2 ft 6 1/2 in', 'mm', 'metric', 774.7], ['75 cm', 'mm', 'metric', 750.0],
            ['750', 'mm', 'metric', 750.0], ['750', 'mm', 'us', 19_050.0], ['35 7/16', 'mm', 'us', 900.1125],
            ['1/2', 'mm', 'imperial', 12.7],
            ['½ in', 'mm', 'metric', 12.7], ['2½ in', 'mm', 'metric', 63.5], ['0,75 m', 'mm', 'metric', 750.0], ['8', 'm', 'us', 2.4384],
            ['60 sq ft', 'm²', 'metric', 5.5741824], ['60 ft²', 'm²', 'metric', 5.5741824], ['60', 'm²', 'us', 5.5741824],
            ['12 m²', 'm²', 'us', 12.0], ['12 m2', 'm²', 'metric', 12.0], ['900 x 450 mm', 'm²', 'metric', 0.405],
            ['36 × 18 in', 'm²', 'metric', 0.41806368], ['3 ft x 18 in', 'm²', 'metric', 0.41806368], ['1 200 cm²', 'm²', 'metric', null],
            ['12 m² a litre', 'm²/L', 'metric', 12.0], ['12', 'm²/L', 'metric', 12.0], ['12 m²/L', 'm²/L', 'metric', 12.0],
            ['3 m² per 250 ml', 'm²/L', 'metric', 12.0], ['covers 60 sq ft a quart', 'm²/L', 'us', 5.5741824 / 0.946352946],
            ['60', 'm²/L', 'us', 5.5741824 / 0.946352946], ['400 sq ft a gallon', 'm²/L', 'us', 37.161216 / 3.785411784],
            ['60 sq ft a jar', 'm²/L', 'metric', 5.5741824 / 0.5], ['lots', 'm²/L', 'metric', null], ['3 bananas', 'mm', 'metric', null],
            ['1/0 in', 'mm', 'metric', null], ['', 'mm', 'metric', null],
        ];
        $came = PageCode::run(
            'ui/measures.ts',
            'return page.readMeasure(given[0], given[1], given[2], 0.5);',
            array_map(static fn (array $c): array => \array_slice($c, 0, 3), $cases),
        );
        foreach ($cases as $i => [$text, , , $expected]) {
            \assert($came[$i] instanceof \stdClass);
            null === $expected
                ? self::assertNotSame('', $came[$i]->wrong ?? '', $text)
                : self::assertEqualsWithDelta($expected, $came[$i]->value ?? null, 1e-6, $text);
        }
        [$jar] = PageCode::run('ui/measures.ts', 'return page.readMeasure(given, "m²/L", "us", null);', ['60 sq ft a jar']);
        \assert($jar instanceof \stdClass);
        self::assertStringContainsString('How much is in the jar?', $jar->wrong);
    }

    /** What is shown, typed back, is what was kept: to a thirty-second of an inch, half a hundredth of a foot, a hundredth of an area. */
    public function testWhatIsShownIsReadBack(): void
    {
        $cases = [];
        mt_srand(5);
        for ($i = 0; $i < 600; ++$i) {
            $kept = ['mm', 'm', 'm²', 'm²/L'][$i % 4];
            $cases[] = [[
                'mm' => mt_rand(1, 40_000) / 10,
                'm' => mt_rand(1, 4000) / 100,
                'm²' => mt_rand(1, 9000) / 1000,
                'm²/L' => mt_rand(10, 250) / 10,
            ][$kept],
                $kept, ['metric', 'us', 'imperial'][$i % 3]];
        }
        $came = PageCode::run(
            'ui/measures.ts',
            'return page.readMeasure(page.figureOf(given[0], given[1], given[2]), given[1], given[2]).value;',
            $cases,
        );
        foreach ($cases as $i => [$value, $kept, $system]) {
            $within = 'metric' === $system ? 1e-9 : ['mm' => 0.8, 'm' => 0.002, 'm²' => 0.005, 'm²/L' => 0.06][$kept];
            self::assertEqualsWithDelta($value, $came[$i], $within, "$value $kept $system");
        }
    }

    /** What the program says in metric is said as the studio measures, and everything else is left alone. */
    public function testWordsOfTheProgramAreInTheStudiosUnits(): void
    {
        $words = [
            [
                'work in 2 sections of up to 1.72 m², wet edge to wet edge',
                'us',
                'work in 2 sections of up to 18.5 sq ft, wet edge to wet edge',
            ],
            ['900 × 450 mm', 'us', '35 7/16 × 17 11/16 in'],
            ['Mark the length at 31, 127 mm.', 'imperial', 'Mark the length at 1 1/4, 5 in.'],
            ['3.4 m of tape, 0.5 m² of sheet, 12 min', 'us', '11.15 ft of tape, 5.4 sq ft of sheet, 12 min'],
            ['spread rate 12.0 m²/L', 'us', 'spread rate 122 sq ft a quart'],
            ['900 × 450 mm', 'metric', '900 × 450 mm'],
            ['12 ml, 3 min, 40 µm, 5 months', 'us', '12 ml, 3 min, 40 µm, 5 months'],
        ];
        $came = PageCode::run('ui/measures.ts', 'return page.inStudio(given[0], given[1]);', array_map(
            static fn (array $w): array => \array_slice($w, 0, 2),
            $words,
        ));
        self::assertSame(array_column($words, 2), $came);
    }
}
