<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Findings;

/**
 * What recipes get wrong, rule by rule, and good work that looks like it.
 */
final class Flaws
{
    /** A shop day without surprises. */
    public const CONTEXT = ['now' => '2026-11-23T08:00:00+01:00', 'climate' => ['temperature' => 21, 'humidity' => 50, 'air' => 'still']];

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
        yield 'films-block, unless it cures first' => [
            'films-block',
            ['steps' => [['brushed', 'signal-cream', ['wait' => 'overnight']]], 'joint' => 3.0],
            ['steps' => [['brushed', 'signal-cream', ['wait' => 'cure']]], 'joint' => 3.0],
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
        yield 'through-the-finish, unless that is meant' => [
            'through-the-finish',
            ['steps' => [...$wash, ['sanded', null, ['grit' => 80, 'aim' => 'smooth']], ['dusted'], $paint], 'part' => $lacquer],
            ['steps' => [...$wash, ['sanded', null, ['grit' => 80, 'aim' => 'to-bare']], ['dusted'], $paint], 'part' => $lacquer],
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
        yield 'near-flame, by brush' => [
            'near-flame',
            ['steps' => [['brushed', 'shellac']], 'flame' => true],
            ['steps' => [['brushed', 'shellac']]],
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
        yield 'ambers, on the other part only' => [
            'ambers',
            [
                'steps' => [
                    ['brushed', 'signal-cream', ['coats' => 2, 'parts' => ['whole']]],
                    ['brushed', 'varnish', ['coats' => 2, 'purpose' => 'functional', 'parts' => ['whole']]],
                ],
            ],
            [
                'other' => ['substrate' => ['kind' => 'solid', 'species' => 'walnut', 'grain' => 'close', 'colour' => '#5a3d2b']],
                'steps' => [
                    ['brushed', 'signal-cream', ['coats' => 2, 'parts' => ['whole']]],
                    ['brushed', 'varnish', ['coats' => 2, 'purpose' => 'functional', 'parts' => ['other']]],
                ],
            ],
        ];
        yield 'ambers, and by name what does it there' => [
            'ambers',
            [
                'other' => ['substrate' => ['kind' => 'solid', 'species' => 'walnut', 'grain' => 'close', 'colour' => '#5a3d2b']],
                'steps' => [
                    ['brushed', 'signal-cream', ['coats' => 2, 'parts' => ['whole']]],
                    ['brushed', 'varnish', ['coats' => 2, 'purpose' => 'functional', 'parts' => ['whole']]],
                    ['brushed', 'varnish', ['coats' => 4, 'purpose' => 'functional', 'parts' => ['other']]],
                ],
            ],
            ['steps' => [
                ['brushed', 'signal-cream', ['coats' => 2]],
                ['brushed', 'topcoat-satin', ['coats' => 4, 'purpose' => 'functional']],
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
                ['distressed-dry', null, ['depth' => 5.26, 'purpose' => 'edges']],
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
}
