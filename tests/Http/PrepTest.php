<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What is proposed for a surveyed piece, and what comes of taking it.
 */
final class PrepTest extends TestCase
{
    use Randomly;
    use SharesStudio;

    /**
     * @return iterable<string, array{array<mixed>, list<string>}> a recipe, and the work proposed before it
     */
    public static function pieces(): iterable
    {
        $paint = ['brushed', 'signal-cream'];
        $stain = ['stained-wiped', 'rain-grey-stain'];
        yield 'new wood, painted' => [['steps' => [$paint]], ['sanded 120', 'sanded 180', 'dusted']];
        yield 'new wood, stained: blotches' => [['steps' => [$stain]], ['sanded 120', 'sanded 180', 'dusted', 'conditioned']];
        yield 'a school that stops finer' => [
            ['steps' => [$stain], 'schools' => ['last-grit' => '220'], 'part' => ['substrate' => ['grain' => 'open']]],
            ['sanded 120', 'sanded 220', 'dusted'],
        ];
        yield 'veneer begins finer' => [
            ['steps' => [$paint], 'part' => ['substrate' => ['kind' => 'veneer', 'veneer' => 0.6]]],
            ['sanded 150', 'sanded 180', 'dusted'],
        ];
        yield 'sound varnish, painted' => [
            ['steps' => [$paint], 'part' => ['finish' => ['kind' => 'varnish'], 'tests' => ['age' => 'after']]],
            ['cleaned', 'rinsed', 'scuff-sanded 240', 'dusted'],
        ];
        yield 'the school of no prep' => [
            [
                'steps' => [$paint],
                'part' => ['finish' => ['kind' => 'varnish'], 'tests' => ['age' => 'after']],
                'schools' => ['scuffing' => 'no-prep'],
            ],
            ['cleaned', 'rinsed'],
        ];
        yield 'old paint of unknown age is not sanded' => [
            ['steps' => [$paint], 'part' => ['finish' => ['kind' => 'paint']]],
            ['cleaned', 'rinsed', 'brushed'],
        ];
        yield 'old varnish, stained' => [
            [
                'steps' => [$stain],
                'part' => ['finish' => ['kind' => 'varnish'], 'tests' => ['age' => 'after'], 'substrate' => ['grain' => 'open']],
            ],
            ['cleaned', 'rinsed', 'stripped 2×', 'rinsed 2×', 'sanded 120', 'sanded 180', 'dusted'],
        ];
        yield 'what lifts comes off' => [
            ['steps' => [$paint], 'part' => ['finish' => ['kind' => 'shellac'], 'tests' => ['tape' => 'lifts']]],
            ['cleaned', 'rinsed', 'stripped', 'rinsed 2×', 'sanded 120', 'sanded 180', 'dusted'],
        ];
        yield 'wax under water' => [
            ['steps' => [$paint], 'part' => ['finish' => ['kind' => 'waxed']]],
            ['cleaned', 'rinsed', 'stripped', 'rinsed 2×', 'sanded 120', 'sanded 180', 'dusted'],
        ];
        yield 'stains under stain' => [
            ['steps' => [$stain], 'part' => ['faults' => ['stain'], 'substrate' => ['grain' => 'open']]],
            ['sanded 120', 'sanded 180', 'bleached 2×', 'rinsed 2×', 'dusted'],
        ];
        yield 'holes under paint' => [
            ['steps' => [$paint], 'part' => ['faults' => ['hole']]],
            ['filled', 'sanded 120', 'sanded 180', 'dusted'],
        ];
        yield 'pine knots' => [
            ['steps' => [$paint], 'part' => ['substrate' => ['bleeds' => ['resin']]]],
            ['sanded 120', 'sanded 180', 'dusted', 'brushed 2×'],
        ];
        yield 'laminate' => [
            ['steps' => [$paint], 'part' => ['substrate' => ['kind' => 'laminate', 'grain' => 'none']]],
            ['cleaned', 'rinsed', 'brushed'],
        ];
        yield 'rusty iron, also once it is sanded' => [
            [
                'steps' => [['sanded', null, ['grit' => 120]], $paint],
                'part' => ['substrate' => ['kind' => 'metal', 'grain' => 'none'], 'faults' => ['rust']],
            ],
            ['cleaned', 'rinsed', 'dusted', 'brushed'],
        ];
        yield 'rusty iron' => [
            ['steps' => [$paint], 'part' => ['substrate' => ['kind' => 'metal', 'grain' => 'none'], 'faults' => ['rust']]],
            ['cleaned', 'rinsed', 'sanded 120', 'dusted', 'brushed'],
        ];
        yield 'who sands has decided how' => [['steps' => [['sanded', null, ['grit' => 150]], $paint]], ['dusted']];
        yield 'what is done is not proposed again' => [
            ['steps' => [['sanded', null, ['grit' => 120]], ['dusted'], $paint]],
            ['sanded 180'],
        ];
        $old = ['finish' => ['kind' => 'varnish'], 'tests' => ['age' => 'after'], 'substrate' => ['grain' => 'open']];
        yield 'the school that sands it off' => [
            ['steps' => [$stain], 'part' => $old, 'schools' => ['old-finish-off' => 'sanding']],
            ['cleaned', 'rinsed', 'sanded 80 2×', 'sanded 120', 'sanded 180', 'dusted'],
        ];
        yield 'the school that scrapes it off' => [
            ['steps' => [$stain], 'part' => $old, 'schools' => ['old-finish-off' => 'scraper']],
            ['cleaned', 'rinsed', 'scraped 2×', 'sanded 120', 'sanded 180', 'dusted'],
        ];
        yield 'neither on what may hold lead' => [
            ['steps' => [$stain], 'part' => ['tests' => (object) []] + $old, 'schools' => ['old-finish-off' => 'sanding']],
            ['cleaned', 'rinsed', 'stripped 2×', 'rinsed 2×', 'sanded 120', 'sanded 180', 'dusted'],
        ];
        yield 'nor on veneer' => [
            [
                'steps' => [$stain],
                'part' => ['substrate' => ['kind' => 'veneer', 'grain' => 'open']] + $old,
                'schools' => ['old-finish-off' => 'scraper'],
            ],
            ['cleaned', 'rinsed', 'stripped 2×', 'rinsed 2×', 'sanded 150', 'sanded 180', 'dusted'],
        ];
        yield 'as the label of the stripper asks' => [
            [
                'steps' => [['stripped', 'paste-stripper'], ['rinsed', 'water'], ['sanded', null, ['grit' => 150]], ['dusted'], $stain],
                'part' => $old,
            ],
            ['cleaned', 'rinsed', 'neutralised'],
        ];
        yield 'silicone' => [
            ['steps' => [['sanded', null, ['grit' => 150]], ['dusted'], $paint], 'part' => ['substrate' => ['bleeds' => ['silicone']]]],
            ['cleaned 2×', 'brushed'],
        ];
        yield 'marks are its history' => [
            ['steps' => [$paint], 'part' => ['faults' => ['hole']], 'schools' => ['repairing' => 'history']],
            ['sanded 120', 'sanded 180', 'dusted'],
        ];
        yield 'a blocker under every paint' => [
            ['steps' => [$paint], 'schools' => ['stain-blocking' => 'always']],
            ['sanded 120', 'sanded 180', 'dusted', 'brushed'],
        ];
        yield 'nothing is laid yet' => [['steps' => [['sanded', null, ['grit' => 150]]]], []];
    }

    /**
     * @param array<mixed> $recipe
     * @param list<string> $expected
     */
    #[DataProvider('pieces')]
    public function testTheWorkProposedFitsThePiece(array $recipe, array $expected): void
    {
        $prep = self::preview(self::$given->document($recipe))->prep;
        self::assertSame(
            $expected,
            array_map(
                static fn (\stdClass $l): string => $l->step->technique.(null === $l->step->grit ? '' : ' '.$l->step->grit).(
                    $l->step->coats > 1 ? ' '.$l->step->coats.'×' : ''
                ),
                $prep,
            ),
        );
        foreach ($prep as $line) {
            self::assertNotSame('', $line->reason);
        }
    }

    /**
     * Whatever the piece: taken whole, nothing more is proposed, and no rule of preparation speaks against it; taken line by
     * line in any order (but a rinse after what it rinses off), it comes to the same work.
     */
    public function testTakenWholeOrLineByLineItIsSound(): void
    {
        $this->manyTimes(24, function (): void {
            $pick = fn (array $of): mixed => $of[$this->int(0, \count($of) - 1)];
            $part = [
                'finish' => [
                    'kind' => $pick(['bare', 'oiled', 'waxed', 'shellac', 'varnish', 'lacquer', 'paint', 'unknown']),
                    'state' => $pick(['sound', 'worn', 'lifting']),
                ],
                'faults' => $pick([[], ['hole'], ['stain'], ['smell']]),
                'tests' => (object) $pick([
                    [],
                    ['age' => 'after'],
                    ['age' => 'after', 'tape' => 'lifts'],
                    ['age' => 'after', 'rag' => 'coloured'],
                ]),
                'substrate' => $pick([
                    ['bleeds' => []],
                    ['bleeds' => ['resin']],
                    ['bleeds' => ['silicone']],
                    ['kind' => 'veneer'],
                    ['species' => 'oak', 'grain' => 'open', 'bleeds' => ['tannin']],
                ]),
            ];
            $document = self::$given->document([
                'steps' => [$pick([
                    ['brushed', 'signal-cream'],
                    ['brushed', 'engine-green'],
                    ['stained-wiped', 'rain-grey-stain'],
                    ['oiled-wiped', 'hard-oil'],
                ])],
                'part' => $part,
                'schools' => [
                    'old-finish-off' => $pick(['stripper', 'sanding', 'scraper']),
                    'stain-blocking' => $pick(['evidence', 'always']),
                    'repairing' => $pick(['all', 'history']),
                ],
            ]);
            $prep = self::preview($document)->prep;
            if ([] === $prep) {
                return;
            }
            $whole = self::take($document, array_values(array_map(static fn (\stdClass $l): string => $l->key, $prep)));
            self::assertSame([], $whole->preview->prep, 'all is taken');
            self::assertCount(\count($document->steps) + \count($prep), $whole->document->steps);
            $against = array_intersect(
                array_map(static fn (\stdClass $f): string => $f->rule, $whole->preview->findings),
                [
                    'not-cleaned',
                    'not-rinsed',
                    'dust-left',
                    'nothing-to-hold-on',
                    'stain-over-sealed',
                    'lead-untested',
                    'bleeding',
                    'gap-in-the-ladder',
                    'coarse-on-veneer',
                    'never-meet',
                    'conditioner-after-stain',
                    'not-neutralised',
                    'silicone-craters',
                    'sanded-through',
                    'through-the-finish',
                    'hard-tool-on-veneer',
                    'across-the-grain',
                ],
            );
            self::assertSame([], $against, json_encode($part, \JSON_THROW_ON_ERROR));
            for ($single = $document, $left = $prep; [] !== $left; $left = $taken->preview->prep) {
                // they come last; one that grips spares the scuffing
                $primers = \count(array_filter($left, static fn (\stdClass $l): bool => 'brushed' === $l->step->technique));
                $at = $this->int(0, max(0, \count($left) - $primers - 1));
                // a rinse is after something
                $at -= (int) ('rinsed' === $left[$at]->step->technique && $at > 0 && \in_array(
                    $left[$at - 1]->step->technique,
                    ['cleaned', 'stripped', 'bleached'],
                    true,
                ));
                $taken = self::take($single, [$left[$at]->key]);
                $single = $taken->document;
            }
            self::assertSame(self::work($whole->document), self::work($single), 'in any order');
        });
    }

    public function testWhatIsNotProposedIsRefused(): void
    {
        $document = self::$given->document(['steps' => [['brushed', 'signal-cream']]]);
        $refused = static fn (array $take): string => self::$studio->json(
            'POST',
            '/api/compute/prep',
            ['document' => $document, 'take' => $take],
            422,
        )->violations[0]->pointer;
        self::assertSame('/take/1', $refused(['80-dusted', 'nonsense']));
        self::assertSame('/take', $refused([]));
    }

    private static function preview(\stdClass $document): \stdClass
    {
        return self::$studio->json('POST', '/api/preview', ['document' => $document])->preview;
    }

    /**
     * @param list<string> $keys
     */
    private static function take(\stdClass $document, array $keys): \stdClass
    {
        return self::$studio->json('POST', '/api/compute/prep', ['document' => $document, 'take' => $keys]);
    }

    /**
     * @return list<array<mixed>>
     */
    private static function work(\stdClass $document): array
    {
        return array_values(array_map(
            static fn (\stdClass $s): array => [$s->technique, $s->grit ?? null, $s->coats ?? 1],
            $document->steps,
        ));
    }
}
