<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Every rule from the outside: it fires, it is silent next door, and each of its remedies clears it and raises nothing worse.
 */
final class FindingsTest extends TestCase
{
    use Randomly;
    use SharesStudio;

    /** A shop day without surprises. */
    private const CONTEXT = ['now' => '2026-11-23T08:00:00+01:00', 'climate' => ['temperature' => 21, 'humidity' => 50, 'air' => 'still']];

    /**
     * By rule: steps (and what else the piece is) that break it, and the like that keep it.
     *
     * @return iterable<string, array{string, array<mixed>, array<mixed>}>
     */
    public static function rules(): iterable
    {
        $paint = ['brushed', 'signal-cream'];
        $old = ['finish' => ['kind' => 'varnish'], 'tests' => ['age' => 'after']];
        $scuff = [['scuff-sanded', null, ['grit' => 240]], ['dusted']];
        $wash = [['cleaned', 'degreaser'], ['rinsed', 'water']];
        yield 'not-cleaned' => [
            'not-cleaned',
            ['steps' => [...$scuff, $paint], 'part' => $old],
            ['steps' => [...$wash, ...$scuff, $paint], 'part' => $old],
        ];
        yield 'not-rinsed' => [
            'not-rinsed',
            ['steps' => [['cleaned', 'degreaser'], ...$scuff, $paint], 'part' => $old],
            ['steps' => [...$wash, ...$scuff, $paint], 'part' => $old],
        ];
        yield 'dust-left' => [
            'dust-left',
            ['steps' => [['sanded', null, ['grit' => 180]], $paint]],
            ['steps' => [['sanded', null, ['grit' => 180]], ['dusted'], $paint]],
        ];
        yield 'nothing-to-hold-on' => [
            'nothing-to-hold-on',
            ['steps' => [...$wash, $paint], 'part' => $old],
            ['steps' => [...$wash, $paint], 'part' => $old, 'schools' => ['scuffing' => 'no-prep']],
        ];
        yield 'nothing-to-hold-on, primed' => [
            'nothing-to-hold-on',
            ['steps' => [['brushed', 'engine-green']], 'part' => ['substrate' => ['kind' => 'laminate']]],
            ['steps' => [['brushed', 'grip-primer'], ['brushed', 'engine-green']], 'part' => ['substrate' => ['kind' => 'laminate']]],
        ];
        yield 'stain-over-sealed' => [
            'stain-over-sealed',
            ['steps' => [['brushed', 'shellac', ['coats' => 2]], ['stained-wiped', 'rain-grey-stain']]],
            ['steps' => [['stained-wiped', 'rain-grey-stain'], ['brushed', 'shellac', ['coats' => 2]]]],
        ];
        yield 'stain-over-sealed, an old finish' => [
            'stain-over-sealed',
            ['steps' => [...$wash, ['stained-wiped', 'rain-grey-stain']], 'part' => $old],
            ['steps' => [...$wash, ...$scuff, ['stained-wiped', 'gel-stain']], 'part' => $old],
        ];
        yield 'conditioner-after-stain' => [
            'conditioner-after-stain',
            ['steps' => [['stained-wiped', 'rain-grey-stain'], ['conditioned', 'conditioner'], ['padded', 'topcoat-satin']]],
            ['steps' => [['conditioned', 'conditioner'], ['stained-wiped', 'rain-grey-stain'], ['padded', 'topcoat-satin']]],
        ];
        yield 'water-over-wax' => [
            'water-over-wax',
            ['steps' => [$paint, ['waxed', 'clear-wax'], ['padded', 'topcoat-matt']]],
            ['steps' => [$paint, ['padded', 'topcoat-matt'], ['waxed', 'clear-wax']]],
        ];
        yield 'water-over-wax, a sparse detail' => [
            'water-over-wax',
            ['steps' => [$paint, ['gilded', 'number-gold', ['wait' => 'cure']], ['padded', 'topcoat-matt']]],
            [
                'steps' => [$paint, ['gilded', 'number-gold', ['wait' => 'cure']], ['padded', 'topcoat-matt']],
                'schools' => ['wax-and-topcoat' => 'detail-under'],
            ],
        ];
        yield 'water-over-wax, an old one' => [
            'water-over-wax',
            ['steps' => [...$scuff, $paint], 'part' => ['finish' => ['kind' => 'waxed']]],
            [
                'steps' => [['stripped', 'water-rinsed-stripper'], ['rinsed', 'water'], ...$scuff, $paint],
                'part' => ['finish' => ['kind' => 'waxed']],
            ],
        ];
        yield 'too-soon-on-oil' => [
            'too-soon-on-oil',
            ['steps' => [['stained-wiped', 'tea-brown-stain', ['wait' => 'touch']], ['padded', 'topcoat-satin']]],
            ['steps' => [['stained-wiped', 'tea-brown-stain', ['wait' => 'through']], ['padded', 'topcoat-satin']]],
        ];
        yield 'bleeding tannin' => [
            'bleeding',
            ['steps' => [$paint], 'part' => ['substrate' => ['species' => 'oak', 'bleeds' => ['tannin']]]],
            ['steps' => [['brushed', 'lamp-soot']], 'part' => ['substrate' => ['species' => 'oak', 'bleeds' => ['tannin']]]],
        ];
        yield 'bleeding resin' => [
            'bleeding',
            ['steps' => [['brushed', 'stain-blocking-primer-water'], $paint], 'part' => ['substrate' => ['bleeds' => ['resin']]]],
            ['steps' => [['brushed', 'stain-blocking-primer', ['coats' => 2]], $paint], 'part' => ['substrate' => ['bleeds' => ['resin']]]],
        ];
        yield 'bleeding, as the rag tells' => [
            'bleeding',
            ['steps' => [...$wash, ...$scuff, $paint], 'part' => ['tests' => ['rag' => 'coloured', 'age' => 'after']] + $old],
            [
                'steps' => [...$wash, ...$scuff, $paint],
                'part' => ['tests' => ['rag' => 'coloured', 'age' => 'after']] + $old,
                'schools' => ['stain-blocking' => 'never'],
            ],
        ];
        yield 'coloured-wax-on-bare-paint' => [
            'coloured-wax-on-bare-paint',
            ['steps' => [$paint, ['waxed-recesses', 'dark-wax']]],
            ['steps' => [$paint, ['waxed', 'clear-wax'], ['waxed-recesses', 'dark-wax']]],
        ];
        yield 'wet-over-soft' => [
            'wet-over-soft',
            ['steps' => [$paint, ['glazed-wiped', 'glazing-medium']]],
            ['steps' => [['brushed', 'engine-green'], ['glazed-wiped', 'glazing-medium']]],
        ];
        yield 'recoat-too-late' => [
            'recoat-too-late',
            ['steps' => [['oiled-wiped', 'hard-oil', ['wait' => ['until' => 'minutes', 'minutes' => 5760]]], ['oiled-wiped', 'hard-oil']]],
            ['steps' => [['oiled-wiped', 'hard-oil'], ['oiled-wiped', 'hard-oil']]],
        ];
        yield 'pot-too-short' => [
            'pot-too-short',
            ['steps' => [['filled', 'two-part-filler', ['handsOn' => 30]]]],
            ['steps' => [['filled', 'two-part-filler', ['handsOn' => 4]]]],
        ];
        yield 'blend-dried' => [
            'blend-dried',
            ['steps' => [
                $paint,
                ['blended', 'evening-pine', ['where' => 'top-down']],
                ['blended', 'morning-lime', ['where' => 'bottom-up']],
            ]],
            ['steps' => [
                $paint,
                ['blended', 'evening-pine', ['where' => 'top-down', 'wait' => 'nothing']],
                ['blended', 'morning-lime', ['where' => 'bottom-up']],
            ]],
        ];
        yield 'runs-down' => [
            'runs-down',
            ['steps' => [['brushed', ['platform-slate' => '3', 'water' => '1'], ['weight' => 'heavy']]]],
            ['steps' => [['brushed', ['platform-slate' => '3', 'water' => '1']]]],
        ];
        yield 'left-too-long' => [
            'left-too-long',
            ['steps' => [['oiled-wiped', 'hard-oil', ['dwell' => 600]]]],
            ['steps' => [['oiled-wiped', 'hard-oil', ['dwell' => 15]]]],
        ];
        yield 'thinned-and-unsealed' => [
            'thinned-and-unsealed',
            ['steps' => [['washed-on', ['platform-slate' => '1', 'water' => '6']]]],
            ['steps' => [['washed-on', ['platform-slate' => '1', 'water' => '6']], ['padded', 'topcoat-matt']]],
        ];
        yield 'sanded-through' => [
            'sanded-through',
            [
                'steps' => [['sanded', null, ['grit' => 150, 'coats' => 10]], ['dusted'], $paint],
                'part' => ['substrate' => ['kind' => 'veneer', 'veneer' => 0.6]],
            ],
            [
                'steps' => [['sanded', null, ['grit' => 150]], ['dusted'], $paint],
                'part' => ['substrate' => ['kind' => 'veneer', 'veneer' => 0.6]],
            ],
        ];
        yield 'coarse-on-veneer' => [
            'coarse-on-veneer',
            [
                'steps' => [['sanded', null, ['grit' => 80]], ['dusted'], $paint],
                'part' => ['substrate' => ['kind' => 'veneer', 'veneer' => 0.6]],
            ],
            ['steps' => [['sanded', null, ['grit' => 80]], ['dusted'], $paint]],
        ];
        yield 'gap-in-the-ladder' => [
            'gap-in-the-ladder',
            ['steps' => [['sanded', null, ['grit' => 80]], ['sanded', null, ['grit' => 220]], ['dusted'], $paint]],
            ['steps' => [
                ['sanded', null, ['grit' => 80]],
                ['sanded', null, ['grit' => 120]],
                ['sanded', null, ['grit' => 180]],
                ['dusted'],
                $paint,
            ]],
        ];
        yield 'sanded-away' => [
            'sanded-away',
            ['steps' => [
                ['glazed-wiped', 'engine-green'],
                ['scuff-sanded', null, ['grit' => 320, 'depth' => 20]],
                ['dusted'],
                ['padded', 'topcoat-satin'],
            ]],
            ['steps' => [['brushed', 'engine-green'], ['scuff-sanded', null, ['grit' => 320]], ['dusted'], ['padded', 'topcoat-satin']]],
        ];
        yield 'indoors-outdoors' => [
            'indoors-outdoors',
            ['steps' => [$paint], 'use' => ['place' => 'covered']],
            ['steps' => [['brushed', 'footplate-grey']], 'use' => ['place' => 'covered']],
        ];
        yield 'indoors-outdoors, in the weather' => [
            'indoors-outdoors',
            ['steps' => [$paint], 'use' => ['place' => 'weather']],
            ['steps' => [$paint], 'use' => ['place' => 'wet']],
        ];
        yield 'too-little-for-the-wear' => [
            'too-little-for-the-wear',
            ['steps' => [$paint], 'use' => ['wear' => 'hard']],
            ['steps' => [$paint, ['padded', 'topcoat-satin']], 'use' => ['wear' => 'hard']],
        ];
        yield 'grain-opened-too-late' => [
            'grain-opened-too-late',
            ['steps' => [['brushed', 'engine-green'], ['grain-brushed']]],
            ['steps' => [['grain-brushed'], ['brushed', 'shellac', ['weight' => 'thin']], ['grain-brushed'], ['limed', 'liming-wax']]],
        ];
        yield 'grain-opened-too-late, for the first time through a thin seal' => [
            'grain-opened-too-late',
            ['steps' => [['brushed', 'shellac', ['weight' => 'thin']], ['grain-brushed'], ['limed', 'liming-wax']]],
            ['steps' => [['grain-brushed'], ['brushed', 'shellac', ['weight' => 'thin']], ['limed', 'liming-wax']]],
        ];
        yield 'resist-not-released' => [
            'resist-not-released',
            ['steps' => [['resist-laid', 'wax-resist'], $paint, ['oiled-wiped', 'penetrating-oil']]],
            ['steps' => [['resist-laid', 'wax-resist'], $paint, ['resist-released'], ['oiled-wiped', 'penetrating-oil']]],
        ];
        yield 'filler-before-stain' => [
            'filler-before-stain',
            ['steps' => [['filled', 'wood-filler'], ['stained-wiped', 'rain-grey-stain']]],
            ['steps' => [['stained-wiped', 'rain-grey-stain'], ['filled', 'wood-filler']]],
        ];
        yield 'lead-untested' => [
            'lead-untested',
            ['steps' => [...$wash, ...$scuff, $paint], 'part' => ['finish' => ['kind' => 'paint']]],
            ['steps' => [...$wash, ...$scuff, $paint], 'part' => ['finish' => ['kind' => 'paint'], 'tests' => ['lead' => 'none']]],
        ];
        yield 'never-meet' => [
            'never-meet',
            ['steps' => [['bleached', 'two-part-bleach'], ['stained-wiped', 'tea-brown-stain']]],
            ['steps' => [['bleached', 'two-part-bleach'], ['rinsed', 'water'], ['stained-wiped', 'tea-brown-stain']]],
        ];
        yield 'never-meet, bleach and acid' => [
            'never-meet',
            ['steps' => [['bleached', 'two-part-bleach'], ['neutralised', 'vinegar-rinse']]],
            ['steps' => [['bleached', 'two-part-bleach'], ['rinsed', 'water'], ['neutralised', 'vinegar-rinse']]],
        ];
        yield 'not-tested' => [
            'not-tested',
            ['steps' => [...$wash, ...$scuff, $paint], 'part' => ['finish' => ['kind' => 'unknown']]],
            ['steps' => [...$wash, ...$scuff, $paint], 'part' => ['finish' => ['kind' => 'unknown'], 'tests' => ['alcohol' => 'softens']]],
        ];
        yield 'stain-over-sealed, scraped off' => [
            'stain-over-sealed',
            ['steps' => [...$wash, ['stained-wiped', 'rain-grey-stain']], 'part' => $old],
            ['steps' => [...$wash, ['scraped', null, ['coats' => 2]], ['stained-wiped', 'rain-grey-stain']], 'part' => $old],
        ];
        yield 'nothing-to-hold-on, scraped off' => [
            'nothing-to-hold-on',
            ['steps' => [...$wash, $paint], 'part' => $old],
            ['steps' => [...$wash, ['scraped'], $paint], 'part' => $old],
        ];
        yield 'not-cleaned, sanded off' => [
            'not-cleaned',
            ['steps' => [['sanded', null, ['grit' => 120]], ['dusted'], $paint], 'part' => $old],
            [
                'steps' => [['sanded', null, ['grit' => 80, 'aim' => 'to-bare']], ['sanded', null, ['grit' => 150]], ['dusted'], $paint],
                'part' => $old,
            ],
        ];
        yield 'on-lifting-paint' => [
            'on-lifting-paint',
            [
                'steps' => [...$wash, ...$scuff, $paint],
                'part' => ['finish' => ['kind' => 'varnish', 'state' => 'lifting'], 'tests' => ['age' => 'after']],
            ],
            ['steps' => [...$wash, ...$scuff, $paint], 'part' => ['finish' => ['kind' => 'varnish'], 'tests' => ['age' => 'after']]],
        ];
        yield 'lime-on-close-grain' => [
            'lime-on-close-grain',
            ['steps' => [['limed', 'liming-wax', ['purpose' => 'pores']]]],
            [
                'steps' => [['limed', 'liming-wax', ['purpose' => 'pores']]],
                'part' => ['substrate' => ['grain' => 'open', 'species' => 'ash']],
            ],
        ];
        yield 'coarse-under-sheen' => [
            'coarse-under-sheen',
            ['steps' => [['sanded', null, ['grit' => 80]], ['dusted'], ['brushed', 'engine-green']]],
            ['steps' => [['sanded', null, ['grit' => 150]], ['dusted'], ['brushed', 'engine-green']]],
        ];
        yield 'through-the-foil' => [
            'through-the-foil',
            [
                'steps' => [['sanded', null, ['grit' => 120]], ['dusted'], $paint],
                'part' => ['substrate' => ['kind' => 'laminate', 'grain' => 'none']],
            ],
            ['steps' => [...$scuff, $paint], 'part' => ['substrate' => ['kind' => 'laminate', 'grain' => 'none']]],
        ];
        yield 'dry-plaster' => [
            'dry-plaster',
            ['steps' => [['brushed', ['plaster' => '1', 'matt-emulsion' => '3']]]],
            ['steps' => [['brushed', ['plaster' => '1', 'water' => '1', 'matt-emulsion' => '3']]]],
        ];
        yield 'not-yet-bare' => [
            'not-yet-bare',
            ['steps' => [...$wash, ['sanded', null, ['grit' => 120, 'aim' => 'to-bare']], ['dusted'], $paint], 'part' => $old],
            ['steps' => [...$wash, ['sanded', null, ['grit' => 80, 'aim' => 'to-bare', 'coats' => 2]], ['dusted'], $paint], 'part' => $old],
        ];
        yield 'not-tested, scraped off' => [
            'not-tested',
            ['steps' => [...$wash, ...$scuff, $paint], 'part' => ['finish' => ['kind' => 'unknown']]],
            ['steps' => [['scraped'], $paint], 'part' => ['finish' => ['kind' => 'unknown']]],
        ];
        yield 'lint-in-the-coat, a rag' => [
            'lint-in-the-coat',
            ['steps' => [$paint, ['padded', 'topcoat-matt', ['tool' => 'dry-rag']]]],
            ['steps' => [$paint, ['padded', 'topcoat-matt', ['tool' => 'sponge']]]],
        ];
        yield 'lint-in-the-coat, a towel' => [
            'lint-in-the-coat',
            ['steps' => [$paint, ['glazed-wiped', 'glazing-medium', ['wiping' => 'towel', 'handsOn' => 4]]]],
            ['steps' => [$paint, ['glazed-wiped', 'glazing-medium', ['wiping' => 'damp', 'handsOn' => 4]]]],
        ];
        yield 'transfer-unsealed' => [
            'transfer-unsealed',
            ['steps' => [$paint, ['transferred']]],
            ['steps' => [$paint, ['transferred'], ['padded', 'topcoat-matt']]],
        ];
        yield 'films-block' => [
            'films-block',
            ['steps' => [$paint], 'joint' => 3.0],
            ['steps' => [$paint], 'joint' => 3.0, 'bare' => true],
        ];
        yield 'section-too-large' => [
            'section-too-large',
            ['steps' => [['glazed-wiped', 'glazing-medium']]],
            ['steps' => [['glazed-wiped', 'glazing-medium', ['handsOn' => 4]]]],
        ];
        yield 'air-unfit, cold' => [
            'air-unfit',
            ['steps' => [$paint], 'climate' => ['temperature' => 4, 'humidity' => 50, 'air' => 'still']],
            ['steps' => [['sanded', null, ['grit' => 180]]], 'climate' => ['temperature' => 4, 'humidity' => 50, 'air' => 'still']],
        ];
        yield 'air-unfit, dew' => [
            'air-unfit',
            ['steps' => [$paint], 'climate' => ['temperature' => 12, 'humidity' => 84, 'air' => 'still']],
            ['steps' => [$paint], 'climate' => ['temperature' => 12, 'humidity' => 60, 'air' => 'still']],
        ];
        yield 'resist-residue' => [
            'resist-residue',
            ['steps' => [['resist-laid', 'wax-resist'], $paint, ['resist-released'], ['padded', 'topcoat-matt']]],
            ['steps' => [['resist-laid', 'wax-resist'], $paint, ['resist-released'], ['oiled-wiped', 'penetrating-oil']]],
        ];
        yield 'home-made-sheen' => [
            'home-made-sheen',
            ['steps' => [['brushed', ['engine-green' => '3', 'plaster' => '1', 'water' => '1']]]],
            ['steps' => [['brushed', ['matt-emulsion' => '3', 'plaster' => '1', 'water' => '1']]]],
        ];
        yield 'pot-breaks' => [
            'pot-breaks',
            ['steps' => [['stained-wiped', ['tea-brown-stain' => '3', 'water' => '1']]]],
            ['steps' => [['stained-wiped', ['tea-brown-stain' => '3', 'mineral-spirit' => '1']]]],
        ];
        yield 'bare-after-wear' => [
            'bare-after-wear',
            ['steps' => [$paint, ['waxed', 'clear-wax'], ['distressed-dry']]],
            ['steps' => [$paint, ['distressed-dry'], ['dusted'], ['waxed', 'clear-wax']]],
        ];
        $oak = ['substrate' => ['species' => 'oak', 'grain' => 'open', 'bleeds' => ['tannin']]];
        $lacquer = ['finish' => ['kind' => 'lacquer'], 'tests' => ['age' => 'after']];
        yield 'through-the-finish' => [
            'through-the-finish',
            ['steps' => [...$wash, ['sanded', null, ['grit' => 100, 'coats' => 2]], ['dusted'], $paint], 'part' => $lacquer],
            ['steps' => [...$wash, ['sanded', null, ['grit' => 320, 'coats' => 2]], ['dusted'], $paint], 'part' => $lacquer],
        ];
        yield 'across-the-grain' => [
            'across-the-grain',
            ['steps' => [['sanded', null, ['grit' => 180, 'strokes' => 'across']], ['dusted'], ['stained-wiped', 'rain-grey-stain']]],
            ['steps' => [['sanded', null, ['grit' => 180, 'strokes' => 'across']], ['dusted'], $paint]],
        ];
        yield 'iron-in-tannin, a brush' => [
            'iron-in-tannin',
            [
                'steps' => [['grain-brushed', null, ['tool' => 'steel-brush']], ['dusted'], ['stained-wiped', 'rain-grey-stain']],
                'part' => $oak,
            ],
            [
                'steps' => [['grain-brushed', null, ['tool' => 'steel-brush']], ['dusted'], ['stained-wiped', 'tea-brown-stain']],
                'part' => $oak,
            ],
        ];
        yield 'iron-in-tannin, wool' => [
            'iron-in-tannin',
            ['steps' => [['scuff-sanded', null, ['tool' => 'steel-wool']], ['dusted'], ['washed-on', 'platform-slate']], 'part' => $oak],
            [
                'steps' => [
                    ['brushed', 'shellac'],
                    ['scuff-sanded', null, ['tool' => 'steel-wool']],
                    ['dusted'],
                    ['washed-on', 'platform-slate'],
                ],
                'part' => $oak,
            ],
        ];
        yield 'hard-tool-on-veneer, a machine' => [
            'hard-tool-on-veneer',
            [
                'steps' => [['sanded', null, ['grit' => 180, 'tool' => 'machine']], ['dusted'], $paint],
                'part' => ['substrate' => ['kind' => 'veneer', 'veneer' => 0.6]],
            ],
            [
                'steps' => [['sanded', null, ['grit' => 180, 'tool' => 'machine']], ['dusted'], $paint],
                'part' => ['substrate' => ['kind' => 'veneer', 'veneer' => 2.5]],
            ],
        ];
        yield 'hard-tool-on-veneer, a scraper' => [
            'hard-tool-on-veneer',
            [
                'steps' => [['stripped', 'water-rinsed-stripper', ['tool' => 'metal-scraper']]],
                'part' => ['substrate' => ['kind' => 'veneer']] + $lacquer,
            ],
            ['steps' => [['stripped', 'water-rinsed-stripper']], 'part' => ['substrate' => ['kind' => 'veneer']] + $lacquer],
        ];
        yield 'pulls-open, everywhere' => [
            'pulls-open',
            ['steps' => [['resist-laid', 'wax-resist'], $paint, ['resist-released']], 'part' => ['pulls' => 'open']],
            ['steps' => [['resist-laid', 'wax-resist'], $paint, ['resist-released']], 'part' => ['pulls' => 'placed']],
        ];
        yield 'pulls-open, on one part' => [
            'pulls-open',
            ['steps' => [$paint, ['distressed-dry']], 'other' => ['pulls' => 'open']],
            ['steps' => [$paint, ['distressed-dry', null, ['parts' => ['whole']]]], 'other' => ['pulls' => 'open']],
        ];
        yield 'used-before-cure, not even dry' => [
            'used-before-cure',
            ['steps' => [$paint], 'use' => ['from' => '2026-11-20']],
            ['steps' => [$paint], 'use' => ['from' => '2027-06-01']],
        ];
        yield 'used-before-cure' => [
            'used-before-cure',
            ['steps' => [$paint], 'use' => ['from' => '2026-11-28']],
            ['steps' => [['sanded', null, ['grit' => 180]]], 'use' => ['from' => '2026-11-28']],
        ];
        yield 'near-flame' => [
            'near-flame',
            ['steps' => [['sprayed', 'shellac']], 'flame' => true],
            ['steps' => [['sprayed', 'signal-cream']], 'flame' => true],
        ];
        yield 'rags-balled-up' => [
            'rags-balled-up',
            ['steps' => [['stained-wiped', 'tea-brown-stain']], 'cleanUp' => ['rags' => 'heap']],
            ['steps' => [['stained-wiped', 'rain-grey-stain']], 'cleanUp' => ['rags' => 'heap']],
        ];
        yield 'not-neutralised' => [
            'not-neutralised',
            ['steps' => [['stripped', 'paste-stripper'], ['rinsed', 'water'], $paint], 'part' => $lacquer],
            ['steps' => [['stripped', 'paste-stripper'], ['neutralised', 'mineral-spirit'], $paint], 'part' => $lacquer],
        ];
        yield 'not-masked, creeping' => [
            'not-masked',
            ['steps' => [['brushed', 'grip-primer', ['parts' => ['other']]], ['stained-wiped', 'rain-grey-stain', ['parts' => ['whole']]]]],
            ['steps' => [['brushed', 'grip-primer', ['parts' => ['other']]], ['brushed', 'signal-cream', ['parts' => ['whole']]]]],
        ];
        yield 'not-masked, sprayed' => [
            'not-masked',
            ['steps' => [['padded', 'topcoat-satin', ['parts' => ['whole']]], ['sprayed', 'signal-cream', ['parts' => ['other']]]]],
            ['steps' => [
                ['padded', 'topcoat-satin', ['parts' => ['whole']]],
                ['sprayed', 'signal-cream', ['parts' => ['other'], 'masks' => ['whole']]],
            ]],
        ];
        yield 'distress-too-deep' => [
            'distress-too-deep',
            ['steps' => [$paint, ['brushed', 'engine-green'], ['distressed-dry', null, ['depth' => 200]]]],
            ['steps' => [$paint, ['brushed', 'signal-cream'], ['distressed-dry', null, ['depth' => 200]]]],
        ];
        yield 'silicone-craters' => [
            'silicone-craters',
            ['steps' => [['padded', 'topcoat-satin']], 'part' => ['substrate' => ['bleeds' => ['silicone']]]],
            [
                'steps' => [['cleaned', 'mineral-spirit', ['coats' => 2]], ['padded', 'topcoat-satin']],
                'part' => ['substrate' => ['bleeds' => ['silicone']]],
            ],
        ];
        yield 'dust-on-wet' => [
            'dust-on-wet',
            ['steps' => [
                ['brushed', 'signal-cream', ['parts' => ['other'], 'wait' => 'nothing']],
                ['sanded', null, ['grit' => 180, 'parts' => ['whole']]],
            ]],
            ['steps' => [
                ['brushed', 'signal-cream', ['parts' => ['other'], 'wait' => 'touch']],
                ['sanded', null, ['grit' => 180, 'parts' => ['whole']]],
            ]],
        ];
        yield 'never-meet, in the clean-up' => [
            'never-meet',
            [
                'steps' => [['bleached', 'two-part-bleach'], ['rinsed', 'water', ['coats' => 2]]],
                'cleanUp' => ['with' => ['water', 'alcohol']],
            ],
            ['steps' => [['bleached', 'two-part-bleach'], ['rinsed', 'water', ['coats' => 2]]], 'cleanUp' => ['with' => ['water']]],
        ];
        yield 'too-few-coats' => [
            'too-few-coats',
            ['steps' => [['brushed', 'lamp-soot', ['coats' => 2, 'purpose' => 'functional']], $paint]],
            ['steps' => [
                ['brushed', 'lamp-soot', ['coats' => 2, 'purpose' => 'functional']],
                ['brushed', 'signal-cream', ['coats' => 6]],
            ]],
        ];
        [$broken, $clear] = [['purpose' => 'broken-cover'], ['purpose' => 'functional']];
        $glaze = ['glazed-wiped', ['glazing-medium' => '3', 'lamp-soot' => '1'], $broken];
        $dark = ['washed-on', ['platform-slate' => '1', 'water' => '3'], $broken];
        yield 'too-soon' => [
            'too-soon',
            ['steps' => [['brushed', 'engine-green', ['coats' => 2, 'wait' => 'nothing']], ['brushed', 'topcoat-satin', $clear]]],
            ['steps' => [['brushed', 'engine-green', ['coats' => 2]], ['brushed', 'topcoat-satin', $clear]]],
        ];
        yield 'too-soon, sanded' => [
            'too-soon',
            ['steps' => [
                ['brushed', 'engine-green', ['coats' => 2, 'wait' => 'touch']],
                ['scuff-sanded', null, ['grit' => 320]],
                ['dusted'],
            ]],
            ['steps' => [['brushed', 'engine-green', ['coats' => 2]], ['scuff-sanded', null, ['grit' => 320]], ['dusted']]],
        ];
        $cream = ['brushed', 'signal-cream', ['coats' => 2]];
        $patches = static fn (float $shows): array => ['undertone-patchy', 'platform-slate', ['shows' => $shows] + $broken];
        yield 'ground-shows' => ['ground-shows', ['steps' => [$cream, $patches(0.2)]], ['steps' => [$cream, $patches(0.5)]]];
        yield 'softened' => ['softened', ['steps' => [$cream, $glaze, $dark]], ['steps' => [$cream, $dark, $glaze]]];
        yield 'step-lost' => [
            'step-lost',
            ['steps' => [['washed-wiped', 'platform-slate', ['purpose' => 'broken-cover']], ['brushed', 'signal-cream', ['coats' => 3]]]],
            ['steps' => [['brushed', 'signal-cream', ['coats' => 3]], ['washed-wiped', 'platform-slate', ['purpose' => 'broken-cover']]]],
        ];
        yield 'step-lost, one of two equal coats' => [
            'step-lost',
            ['steps' => [['brushed', 'engine-green', ['coats' => 2]], ['brushed', 'engine-green', ['coats' => 2]]]],
            ['steps' => [['brushed', 'engine-green', ['coats' => 4]]]],
        ];
        yield 'ambers' => [
            'ambers',
            ['steps' => [['brushed', 'signal-cream', ['coats' => 2]], ['brushed', 'varnish', ['coats' => 2, 'purpose' => 'functional']]]],
            ['steps' => [
                ['brushed', 'signal-cream', ['coats' => 2]],
                ['brushed', 'topcoat-satin', ['coats' => 2, 'purpose' => 'functional']],
            ]],
        ];
        yield 'ambers, over warm dark wood it may' => [
            'ambers',
            ['steps' => [
                ['brushed', 'footplate-grey', ['coats' => 2]],
                ['brushed', 'tunnel-mist', ['coats' => 2]],
                ['brushed', 'varnish', ['coats' => 3, 'purpose' => 'functional']],
            ]],
            ['steps' => [
                ['stained-wiped', 'tea-brown-stain', ['purpose' => 'broken-cover']],
                ['brushed', 'varnish', ['coats' => 3, 'purpose' => 'functional']],
            ]],
        ];
        yield 'distress-too-shallow' => [
            'distress-too-shallow',
            ['steps' => [
                ['brushed', 'poppy-bank', ['coats' => 2]],
                ['brushed', 'signal-cream', ['coats' => 3]],
                ['distressed-dry', null, ['depth' => 5, 'purpose' => 'edges']],
            ]],
            ['steps' => [
                ['brushed', 'poppy-bank', ['coats' => 2]],
                ['brushed', 'signal-cream', ['coats' => 3]],
                ['distressed-dry', null, ['depth' => 120, 'purpose' => 'edges']],
            ]],
        ];
        yield 'target-missed' => [
            'target-missed',
            ['steps' => [['brushed', 'signal-cream', ['coats' => 4]]], 'target' => ['name' => 'Chip', 'field' => '#c6cdc9']],
            ['steps' => [['brushed', 'signal-cream', ['coats' => 4]]], 'target' => ['name' => 'Chip', 'field' => '#efe3c4']],
        ];
        $striped = static fn (float $width): array => [
            'striped',
            'signal-cream',
            ['layout' => ['kind' => 'stripes', 'width' => $width, 'gap' => 40.0, 'run' => 'across', 'share' => 'one-in-the-middle']],
        ];
        $panel = [
            'shape' => ['kind' => 'door', 'size' => ['length' => 600, 'width' => 400, 'thickness' => 20], 'faces' => ['face']],
            'area' => null,
        ];
        yield 'layout-too-large' => [
            'layout-too-large',
            ['steps' => [$striped(700.0)], 'part' => $panel],
            ['steps' => [$striped(40.0)], 'part' => $panel],
        ];
        yield 'joint-binds' => ['joint-binds', ['steps' => [$paint], 'joint' => 0.3], ['steps' => [$paint], 'joint' => 3.0]];
    }

    /**
     * @param array<mixed> $broken
     * @param array<mixed> $kept
     */
    #[DataProvider('rules')]
    public function testARuleFiresIsSilentNextDoorAndIsMended(string $rule, array $broken, array $kept): void
    {
        self::assertSame([], $this->of($rule, self::document($kept), self::context($kept)), 'silent next door');
        $document = self::document($broken);
        $found = $this->of($rule, $document, self::context($broken));
        self::assertNotEmpty($found, 'it fires');
        self::assertSame(
            !\in_array(
                $rule,
                [
                    'pot-too-short',
                    'lead-untested',
                    'not-tested',
                    'air-unfit',
                    'home-made-sheen',
                    'pot-breaks',
                    'target-missed',
                    'layout-too-large',
                    'lime-on-close-grain',
                    'dry-plaster',
                ],
                true,
            ),
            $found[0]->isMendable,
            'it can be mended, or only minded',
        );
        $tried = self::tried($found[0], $document, self::context($broken));
        $helpful = array_filter($tried, static fn (\stdClass $r): bool => 'helps' === $r->outcome);
        self::assertSame($found[0]->isMendable, [] !== $helpful, implode(' ', array_column($tried, 'why')));
        foreach ($helpful as $remedy) {
            self::assertNotEmpty($remedy->changes, 'and it is said what was changed');
            self::assertNotContains(
                $found[0]->key,
                array_map(static fn (\stdClass $f): string => $f->key, self::findings($remedy->document, self::context($broken))),
                $remedy->text,
            );
        }
    }

    public function testEveryRuleIsInTheTable(): void
    {
        $rules = array_map(
            static fn (string $file): string => basename($file, '.php'),
            glob(\dirname(__DIR__, 2).'/core/Findings/Kind/*.php') ?: [],
        );
        $tested = array_unique(array_map(static fn (array $r): string => $r[0], [...array_values(iterator_to_array(self::rules()))]));
        $classes = array_map(static function (string $name): string {
            $class = "Inlaid\\Core\\Findings\\Kind\\$name";
            $rule = new $class();
            \assert($rule instanceof \Inlaid\Core\Findings\Rule);
            self::assertNotSame('', $rule->reason());

            return $rule->key();
        }, $rules);
        self::assertEqualsCanonicalizing($classes, array_values($tested));
    }

    /**
     * @return iterable<string, array{array<mixed>}>
     */
    public static function sound(): iterable
    {
        $bare = [['sanded', null, ['grit' => 180]], ['dusted']];
        yield 'limed open grain with a clearing pass after a thin sealer' => [[
            'part' => ['substrate' => ['species' => 'oak', 'grain' => 'open', 'bleeds' => ['tannin']]],
            'steps' => [
                ['grain-brushed'],
                ['dusted'],
                ['stained-wiped', 'rain-grey-stain', ['wait' => 'overnight']],
                ['brushed', 'shellac', ['weight' => 'thin', 'purpose' => 'functional']],
                ['grain-brushed'],
                ['dusted'],
                ['limed', 'liming-wax', ['purpose' => 'pores', 'wait' => 'overnight']],
                ['waxed', 'clear-wax'],
            ],
        ]];
        yield 'broken cover wanted' => [[
            'steps' => [
                ...$bare,
                ['washed-wiped', ['platform-slate' => '1', 'water' => '3'], ['purpose' => 'broken-cover', 'wait' => 'through']],
                ['padded', 'topcoat-matt', ['coats' => 2]],
            ],
            'use' => ['wear' => 'daily'],
        ]];
        yield 'a re-wet blend' => [['steps' => [
            ...$bare,
            ['brushed', 'grip-primer'],
            ['brushed', 'morning-lime'],
            ['re-wetted'],
            ['blended', 'evening-pine', ['purpose' => 'broken-cover', 'wait' => 'through']],
            ['padded', 'topcoat-matt', ['coats' => 3]],
        ]]];
        yield 'gel stain over an old finish' => [[
            'part' => ['finish' => ['kind' => 'varnish'], 'tests' => ['age' => 'after', 'tape' => 'holds', 'rag' => 'clean']],
            'steps' => [
                ['cleaned', 'degreaser'],
                ['rinsed', 'water', ['wait' => 'recoat']],
                ['scuff-sanded', null, ['grit' => 240]],
                ['dusted'],
                ['stained-wiped', 'gel-stain', ['wait' => 'through', 'purpose' => 'broken-cover']],
                ['brushed', 'varnish', ['purpose' => 'functional']],
            ],
            'use' => ['wear' => 'hard'],
        ]];
        yield 'sparse detail wax under a topcoat, in that school' => [[
            'steps' => [
                ...$bare,
                ['brushed', 'engine-green', ['coats' => 2, 'wait' => 'overnight']],
                ['gilded', 'number-gold', ['wait' => 'cure', 'purpose' => 'edges']],
                ['padded', 'topcoat-satin', ['coats' => 2]],
            ],
            'schools' => ['wax-and-topcoat' => 'detail-under'],
            'use' => ['wear' => 'daily'],
        ]];
        yield 'milk paint with resist' => [[
            'steps' => [
                ...$bare,
                ['brushed', ['bracken-red' => '1', 'water' => '1'], ['weight' => 'thin']],
                ['resist-laid', 'wax-resist', ['purpose' => 'edges']],
                ['brushed', ['halt-ochre' => '2', 'water' => '3'], ['coats' => 2]],
                ['resist-released', null, ['wait' => 'overnight']],
                ['oiled-wiped', 'penetrating-oil', ['purpose' => 'functional']],
            ],
            'use' => ['place' => 'covered', 'wear' => 'daily'],
        ]];
    }

    /**
     * @param array<mixed> $recipe
     */
    #[DataProvider('sound')]
    public function testGoodWorkRaisesNoAlarm(array $recipe): void
    {
        $alarms = array_values(array_filter(
            self::findings(self::document($recipe)),
            static fn (\stdClass $f): bool => 'advise' !== $f->severity,
        ));
        self::assertSame([], array_map(static fn (\stdClass $f): string => $f->key.': '.$f->why, $alarms));
    }

    /**
     * Whatever is mended first, mending ends, and no stop that could be mended is left.
     */
    public function testMendingInAnyOrderEnds(): void
    {
        $flawed = [
            self::$studio->recipe('frame')->document,
            ...array_map(static fn (array $r): \stdClass => self::document($r[1]), array_values(iterator_to_array(self::rules()))),
        ];
        $this->manyTimes(40, function () use ($flawed): void {
            $document = $flawed[$this->int(0, \count($flawed) - 1)];
            for ($round = 0; $round < 40; ++$round) {
                $offered = self::findings($document);
                for ($i = \count($offered) - 1; $i > 0; --$i) {
                    $k = $this->int(0, $i);
                    [$offered[$i], $offered[$k]] = [$offered[$k], $offered[$i]];
                }
                foreach ($offered as $finding) {
                    $helpful = self::helpful($finding, $document);
                    if ([] !== $helpful) {
                        $document = $helpful[$this->int(0, \count($helpful) - 1)]->document;
                        continue 2;
                    }
                }
                break;
            }
            self::assertLessThan(40, $round, 'mending ends');
            self::assertSame(
                [],
                array_filter(
                    self::findings($document),
                    static fn (\stdClass $f): bool => 'stop' === $f->severity && [] !== self::helpful($f, $document),
                ),
            );
        });
    }

    /**
     * Any steps with anything on the shelf, on any survey: it is judged, the gravest first, about steps that are there, and
     * every remedy either clears its finding or is refused in words.
     */
    public function testAnyRecipeIsJudged(): void
    {
        $vocabulary = self::$studio->json('GET', '/api/vocabulary');
        $materials = array_map(
            static fn (\stdClass $m): string => $m->material->id,
            self::$studio->json('GET', '/api/materials')->materials,
        );
        $this->manyTimes(25, function () use ($vocabulary, $materials): void {
            $pick = fn (array $of): mixed => $of[$this->int(0, \count($of) - 1)];
            $steps = array_map(function () use ($vocabulary, $materials, $pick): array {
                $technique = $pick($vocabulary->techniques);

                return [
                    $technique->key,
                    $technique->profile->takesMaterial ? $pick($materials) : null,
                    [
                        'coats' => $this->int(1, 3),
                        'wait' => $pick(['nothing', 'recoat', 'through', 'overnight']),
                        'purpose' => $pick(['hide', 'functional']),
                    ] + (str_contains($technique->key, 'sanded') ? ['grit' => $pick([80, 120, 180, 240, 320])] : []),
                ];
            }, range(1, $this->int(1, 9)));
            $document = self::document([
                'steps' => $steps,
                'joint' => $pick([0.2, 2.0]),
                'use' => ['place' => $pick(['dry', 'wet', 'covered', 'weather']), 'wear' => $pick(['light', 'daily', 'hard'])],
                'part' => [
                    'finish' => ['kind' => $pick(['bare', 'oiled', 'waxed', 'paint', 'unknown'])],
                    'substrate' => ['kind' => $pick(['solid', 'veneer', 'metal']), 'bleeds' => $pick([[], ['tannin'], ['resin', 'smoke']])],
                ],
            ]);
            $findings = self::findings($document);
            $rank = array_map(static fn (\stdClass $f): int => ['stop' => 0, 'warn' => 1, 'advise' => 2][$f->severity], $findings);
            $sorted = $rank;
            sort($sorted);
            self::assertSame($sorted, $rank, 'the gravest first');
            $keys = array_map(static fn (\stdClass $f): string => $f->key, $findings);
            self::assertSame(array_values(array_unique($keys)), $keys, 'each finding has its own key');
            $ids = array_map(static fn (\stdClass $s): string => $s->id, $document->steps);
            foreach ($findings as $finding) {
                self::assertSame([], array_diff($finding->steps, $ids), $finding->why);
                foreach (self::tried($finding, $document) as $remedy) {
                    if ('helps' === $remedy->outcome) {
                        self::assertNotContains(
                            $finding->key,
                            array_map(static fn (\stdClass $f): string => $f->key, self::findings($remedy->document)),
                        );
                    } else {
                        self::assertContains($remedy->outcome, ['lacks', 'stays', 'worse']);
                        self::assertNotSame('', $remedy->why);
                    }
                }
            }
        });
    }

    public function testTheFlawedDemoShowsEightAndTheOthersAreSound(): void
    {
        $rules = array_unique(array_map(
            static fn (\stdClass $f): string => $f->rule,
            self::findings(self::$studio->recipe('frame')->document),
        ));
        self::assertGreaterThanOrEqual(8, \count($rules));
        foreach (['ticket', 'stools', 'settle', 'clock', 'counter'] as $which) {
            $alarms = array_filter(
                self::findings(self::$studio->recipe($which)->document),
                static fn (\stdClass $f): bool => 'advise' !== $f->severity,
            );
            self::assertSame([], array_map(static fn (\stdClass $f): string => $f->key, $alarms), $which);
        }
    }

    public function testAFindingIsAcceptedWithAReasonAndKeptInTheRevision(): void
    {
        $recipe = self::$studio->recipe('frame');
        $finding = self::findings($recipe->document)[0];
        $recipe->document->accepted = [(object) ['finding' => $finding->key, 'reason' => 'A test piece, it may peel']];
        $after = self::findings($recipe->document);
        self::assertSame('A test piece, it may peel', $after[0]->accepted);
        $saved = self::$studio->json(
            'PUT',
            "/api/recipes/$recipe->id/draft",
            ['version' => $recipe->version, 'document' => $recipe->document],
        );
        self::$studio->json('POST', "/api/recipes/$recipe->id/revisions", ['version' => $saved->version, 'reason' => 'Kept so'], 201);
        self::assertSame(
            'A test piece, it may peel',
            self::$studio->json('GET', "/api/recipes/$recipe->id/revisions/2")->document->accepted[0]->reason,
        );
        self::assertStringContainsString(
            'now “A test piece, it may peel”',
            self::$studio->json('GET', "/api/recipes/$recipe->id/compare?from=1&to=2")->changes[0]->text,
        );
        $recipe->document->accepted[0]->reason = ' ';
        self::assertSame(
            '/document/accepted/0/reason',
            self::$studio->json('POST', '/api/preview', ['document' => $recipe->document], 422)->violations[0]->pointer,
        );
    }

    public function testAFindingThatIsGoneHasNoRemedies(): void
    {
        $document = self::$studio->recipe('frame')->document;
        $body = ['document' => $document, 'finding' => 'nonsense'];
        self::assertSame('/finding', self::$studio->json('POST', '/api/compute/remedies', $body, 422)->violations[0]->pointer);
    }

    /**
     * Paint holds better on scuffed paint, but paint of unknown age is not sanded dry.
     */
    public function testARemedyThatWouldRaiseSomethingWorseIsRefused(): void
    {
        $document = self::document([
            'steps' => [['cleaned', 'degreaser'], ['rinsed', 'water'], ['brushed', 'signal-cream']],
            'part' => ['finish' => ['kind' => 'paint']],
        ]);
        $found = $this->of('nothing-to-hold-on', $document)[0];
        $tried = array_column(self::tried($found, $document), null, 'key');
        self::assertSame('worse', $tried['scuff']->outcome);
        self::assertStringContainsString('t been tested for lead', $tried['scuff']->why);
    }

    /**
     * A blocker would mend the bleeding, but the day on which the piece is in use would then come before it is even dry: what was to be
     * minded would be a stop.
     */
    public function testARemedyThatMakesAnotherFindingGraverIsRefused(): void
    {
        $late = ['now' => '2026-11-23T15:40:00+01:00'] + self::CONTEXT;
        $document = self::document([
            'steps' => [['brushed', 'signal-cream']],
            'part' => ['substrate' => ['species' => 'oak', 'bleeds' => ['tannin']]],
            'use' => ['from' => '2026-11-23'],
        ]);
        $said = static fn (): array => array_column(
            array_map(static fn (\stdClass $f): array => [$f->rule, $f->severity], self::findings($document, $late)),
            1,
            0,
        );
        $document->piece->use->from = substr(
            self::$studio->json('POST', '/api/preview', ['document' => $document, 'context' => $late])->preview->plan->readyOn,
            0,
            10,
        );
        self::assertSame(['warn', 'warn'], [$said()['bleeding'], $said()['used-before-cure']]);
        $tried = array_column(self::tried($this->of('bleeding', $document, $late)[0], $document, $late), null, 'key');
        self::assertSame('worse', $tried['block']->outcome);
        self::assertStringContainsString('through-dry only on', $tried['block']->why);
    }

    /**
     * Vapour is minded where mist is a stop: there is nothing to change in the recipe, only the flame to put out.
     */
    public function testVapourNearAFlameIsMinded(): void
    {
        $document = self::document(['steps' => [['brushed', 'shellac']]]);
        self::assertSame([], $this->of('near-flame', $document));
        $found = $this->of('near-flame', $document, ['flame' => true] + self::CONTEXT);
        self::assertSame(['warn', false], [$found[0]->severity, $found[0]->isMendable]);
        self::assertStringContainsString('Follow the label, the safety data sheet and local rules', $found[0]->why);
    }

    /**
     * Chlorine bleach and an acid in one recipe: a rinse between does not make the rags and the drain safe.
     */
    public function testChlorineAndAcidNeverMeetEvenInTheCleanUp(): void
    {
        $document = self::document(['steps' => [
            ['bleached', 'two-part-bleach'],
            ['rinsed', 'water', ['coats' => 3]],
            ['neutralised', 'vinegar-rinse'],
        ]]);
        self::assertSame([], $this->of('never-meet', $document));
        $document->materials = array_map(static function (\stdClass $m): \stdClass {
            $m->hazards = 'two-part-bleach' === $m->id ? ['chlorine'] : $m->hazards;

            return $m;
        }, $document->materials);
        $said = fn (): string => implode(
            '',
            array_map(static fn (\stdClass $f): string => "$f->severity: $f->why", $this->of('never-meet', $document)),
        );
        self::assertStringContainsString('Keep their pots, rags and rinse water apart', $said());
        $document->steps[1]->technique = 'dusted';
        unset($document->steps[1]->uses);
        self::assertMatchesRegularExpression('/^stop: .* meets residue from/', $said());
    }

    /**
     * What a remedy needs and the shelf has not is said, and nothing is changed.
     */
    public function testAnEmptyShelfIsSaid(): void
    {
        $studio = Studio::open();
        foreach (['stain-blocking-primer', 'stain-blocking-primer-water'] as $id) {
            $studio->json('POST', "/api/materials/$id/archive");
        }
        $tried = $studio->json(
            'POST',
            '/api/compute/remedies',
            ['document' => $studio->recipe('frame')->document, 'finding' => 'bleeding:s4'],
        )->remedies;
        self::assertSame(['block', 'lacks'], [$tried[0]->key, $tried[0]->outcome]);
        self::assertStringContainsString('Nothing on the shelf fits: a primer', $tried[0]->why);
        $studio->close();
    }

    /**
     * @param array<string, mixed> $context
     *
     * @return list<\stdClass> the remedies of a finding, tried
     */
    private static function tried(\stdClass $finding, \stdClass $document, array $context = self::CONTEXT): array
    {
        $body = ['document' => $document, 'context' => $context, 'finding' => $finding->key];

        return !$finding->isMendable ? [] : self::$studio->json('POST', '/api/compute/remedies', $body)->remedies;
    }

    /**
     * @return list<\stdClass>
     */
    private static function helpful(\stdClass $finding, \stdClass $document): array
    {
        return array_values(array_filter(self::tried($finding, $document), static fn (\stdClass $r): bool => 'helps' === $r->outcome));
    }

    /**
     * @param array<string, mixed> $context
     *
     * @return list<\stdClass>
     */
    private static function findings(\stdClass $document, array $context = self::CONTEXT): array
    {
        return self::$studio->json('POST', '/api/preview', ['document' => $document, 'context' => $context])->preview->findings;
    }

    /**
     * @param array<mixed> $recipe
     *
     * @return array<string, mixed>
     */
    private static function context(array $recipe): array
    {
        return array_intersect_key($recipe, ['climate' => 1, 'flame' => 1]) + self::CONTEXT;
    }

    /**
     * @param array<string, mixed> $context
     *
     * @return list<\stdClass>
     */
    private function of(string $rule, \stdClass $document, array $context = self::CONTEXT): array
    {
        return array_values(array_filter(self::findings($document, $context), static fn (\stdClass $f): bool => $rule === $f->rule));
    }

    /**
     * @param array<mixed> $recipe
     */
    private static function document(array $recipe): \stdClass
    {
        return self::$given->document($recipe);
    }
}
