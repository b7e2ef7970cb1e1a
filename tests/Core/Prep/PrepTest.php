<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Prep;

use Inlaid\Core\Findings\CheckRecipe;
use Inlaid\Core\Prep\PrepLine;
use Inlaid\Core\Prep\ProposePrep;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What is proposed before the first coat, for surveys of every kind: in the order of the work, before the step it belongs before, with its
 * reason (proposed.yaml). What is done already is not proposed again.
 */
final class PrepTest extends TestCase
{
    /**
     * @return iterable<string, array{string, array<mixed>}>
     */
    public static function surveys(): iterable
    {
        $paint = ['brushed', 'signal-cream'];
        $green = ['brushed', 'engine-green'];
        $stain = ['stained-wiped', 'rain-grey-stain'];
        $old = static fn (string $kind, string $state = 'sound', array $more = []): array => [
            'finish' => ['kind' => $kind, 'state' => $state],
            'tests' => ['age' => 'after'],
        ] + $more;
        $veneer = ['substrate' => ['kind' => 'veneer', 'veneer' => 0.6]];
        $metal = ['substrate' => ['kind' => 'metal', 'species' => '', 'grain' => 'none']];
        $jobs = [
            'bare wood, paint' => ['steps' => [$paint]],
            'bare wood, dye stain' => ['steps' => [$stain]],
            'bare oak, dye stain' => ['steps' => [$stain], 'part' => ['substrate' => ['species' => 'oak', 'grain' => 'open']]],
            'bare veneer, dye stain' => ['steps' => [$stain], 'part' => $veneer],
            'last grit 120' => ['steps' => [$paint], 'schools' => ['last-grit' => '120']],
            'last grit 320' => ['steps' => [$paint], 'schools' => ['last-grit' => '320']],
            'last grit 120 on veneer' => ['steps' => [$paint], 'part' => $veneer, 'schools' => ['last-grit' => '120']],
            'nothing is laid' => ['steps' => [['sanded', null, ['grit' => 180]]]],
            'sanded as usual already' => [
                'steps' => [['sanded', null, ['grit' => 120]], ['sanded', null, ['grit' => 180]], ['dusted'], $paint],
            ],
            'half of the ladder' => ['steps' => [['sanded', null, ['grit' => 120]], $paint]],
            'half of the ladder, dusted too early' => ['steps' => [['dusted'], ['sanded', null, ['grit' => 120]], $paint]],
            'sanded with a ladder of one\'s own' => ['steps' => [['sanded', null, ['grit' => 150]], ['dusted'], $paint]],
            'varnish, paint' => ['steps' => [$paint], 'part' => $old('varnish')],
            'varnish, paint that needs no scuffing' => [
                'steps' => [$paint],
                'part' => $old('varnish'),
                'schools' => ['scuffing' => 'no-prep'],
            ],
            'varnish, grip primer' => ['steps' => [['brushed', 'grip-primer'], $green], 'part' => $old('varnish')],
            'varnish, stain' => ['steps' => [$stain], 'part' => $old('varnish')],
            'varnish, stain, sanded off' => ['steps' => [$stain], 'part' => $old('varnish'), 'schools' => ['old-finish-off' => 'sanding']],
            'varnish, stain, scraped off' => ['steps' => [$stain], 'part' => $old('varnish'), 'schools' => ['old-finish-off' => 'scraper']],
            'shellac, stain, sanded off' => ['steps' => [$stain], 'part' => $old('shellac'), 'schools' => ['old-finish-off' => 'sanding']],
            'varnish on veneer, stain, sanded off' => [
                'steps' => [$stain],
                'part' => $old('varnish', more: $veneer),
                'schools' => ['old-finish-off' => 'sanding'],
            ],
            'shellac, stain' => ['steps' => [$stain], 'part' => $old('shellac')],
            'wax, paint' => ['steps' => [$paint], 'part' => $old('waxed')],
            'wax, paint, sanded off' => ['steps' => [$paint], 'part' => $old('waxed'), 'schools' => ['old-finish-off' => 'sanding']],
            'wax, wax' => ['steps' => [['waxed', 'clear-wax']], 'part' => $old('waxed')],
            'wax, oil' => ['steps' => [['oiled-wiped', 'hard-oil']], 'part' => $old('waxed')],
            'oil, stain' => ['steps' => [$stain], 'part' => $old('oiled')],
            'lifting paint, paint' => ['steps' => [$paint], 'part' => $old('paint', 'lifting')],
            'paint that the tape lifts' => [
                'steps' => [$paint],
                'part' => ['tests' => ['age' => 'after', 'tape' => 'lifts']] + $old('paint'),
            ],
            'old paint that may hold lead' => ['steps' => [$paint], 'part' => ['finish' => ['kind' => 'paint']]],
            'old paint that may hold lead, lifting' => [
                'steps' => [$paint],
                'part' => ['finish' => ['kind' => 'paint', 'state' => 'lifting']],
            ],
            'old paint that may hold lead, lifting, scraped off' => [
                'steps' => [$paint],
                'part' => ['finish' => ['kind' => 'paint', 'state' => 'lifting']],
                'schools' => ['old-finish-off' => 'scraper'],
            ],
            'stripped already, not rinsed' => ['steps' => [['stripped', 'water-rinsed-stripper'], $stain], 'part' => $old('varnish')],
            'stripped already, rinsed' => [
                'steps' => [['stripped', 'water-rinsed-stripper'], ['rinsed', 'water'], $stain],
                'part' => $old('varnish'),
            ],
            'stripped with what asks for spirit' => [
                'steps' => [['stripped', 'paste-stripper'], ['rinsed', 'water'], $stain],
                'part' => $old('varnish'),
            ],
            'washed already, not rinsed' => ['steps' => [['cleaned', 'degreaser'], $paint], 'part' => $old('varnish')],
            'washed and rinsed already' => ['steps' => [['cleaned', 'degreaser'], ['rinsed', 'water'], $paint], 'part' => $old('varnish')],
            'washed, then stripped, then rinsed' => [
                'steps' => [['cleaned', 'degreaser'], ['stripped', 'water-rinsed-stripper'], ['rinsed', 'water'], $stain],
                'part' => $old('varnish'),
            ],
            'scuffed already' => ['steps' => [['scuff-sanded', null, ['grit' => 240]], ['dusted'], $paint], 'part' => $old('varnish')],
            'silicone' => ['steps' => [$paint], 'part' => ['substrate' => ['bleeds' => ['silicone']]]],
            'silicone, washed off' => [
                'steps' => [['cleaned', 'mineral-spirit'], $paint],
                'part' => ['substrate' => ['bleeds' => ['silicone']]],
            ],
            'smell' => ['steps' => [$paint], 'part' => ['faults' => ['smell']]],
            'holes and missing veneer, paint' => ['steps' => [$paint], 'part' => ['faults' => ['hole', 'missing-veneer', 'burn']]],
            'holes, paint, filled already' => ['steps' => [['filled', 'wood-filler'], $paint], 'part' => ['faults' => ['hole']]],
            'holes, stain' => ['steps' => [$stain], 'part' => ['faults' => ['hole']]],
            'holes, paint, signs of age are kept' => [
                'steps' => [$paint],
                'part' => ['faults' => ['hole']],
                'schools' => ['repairing' => 'history'],
            ],
            'stains, stain' => ['steps' => [$stain], 'part' => ['faults' => ['stain']]],
            'stains, paint' => ['steps' => [$paint], 'part' => ['faults' => ['stain']]],
            'stains under varnish, stain' => ['steps' => [$stain], 'part' => ['faults' => ['stain']] + $old('varnish')],
            'stains, stain, signs of age are kept' => [
                'steps' => [$stain],
                'part' => ['faults' => ['stain']],
                'schools' => ['repairing' => 'history'],
            ],
            'stains, bleached already' => ['steps' => [['bleached', 'oxalic-bleach'], $stain], 'part' => ['faults' => ['stain']]],
            'metal, paint' => ['steps' => [$green], 'part' => $metal],
            'rusty metal, paint' => ['steps' => [$green], 'part' => ['faults' => ['rust']] + $metal],
            'laminate, paint' => ['steps' => [$green], 'part' => ['substrate' => ['kind' => 'laminate']]],
            'laminate, paint, scuffed' => [
                'steps' => [['scuff-sanded', null, ['grit' => 240]], ['dusted'], $green],
                'part' => ['substrate' => ['kind' => 'laminate']],
            ],
            'blocked under every paint' => ['steps' => [$paint], 'schools' => ['stain-blocking' => 'always']],
            'blocked under every paint, a stain' => ['steps' => [$stain], 'schools' => ['stain-blocking' => 'always']],
            'blocked under every paint, the first blocks' => [
                'steps' => [['brushed', 'stain-blocking-primer'], $paint],
                'schools' => ['stain-blocking' => 'always'],
            ],
            'tannin, paint' => ['steps' => [$paint], 'part' => ['substrate' => ['species' => 'oak', 'bleeds' => ['tannin']]]],
            'tannin, paint, blocked under every paint' => [
                'steps' => [$paint],
                'part' => ['substrate' => ['species' => 'oak', 'bleeds' => ['tannin']]],
                'schools' => ['stain-blocking' => 'always'],
            ],
            'one part varnished, the other bare' => [
                'steps' => [$paint],
                'part' => $old('varnish'),
                'other' => ['finish' => ['kind' => 'bare']],
            ],
            'two first coats on two parts' => ['steps' => [
                ['brushed', 'engine-green', ['parts' => ['whole']]],
                ['stained-wiped', 'rain-grey-stain', ['parts' => ['other']]],
            ]],
        ];
        foreach ($jobs as $name => $job) {
            yield $name => [$name, $job];
        }
    }

    /**
     * @param array<mixed> $job
     */
    #[DataProvider('surveys')]
    public function testWhatASurveyAsksFor(string $name, array $job): void
    {
        $whole = Analysed::of($job);
        $bleeds = new CheckRecipe(array_filter(Given::rules(), static fn ($r): bool => 'bleeding' === $r->key()));
        $lines = (new ProposePrep())->propose($whole, $bleeds->check($whole));
        $keys = array_map(static fn (PrepLine $l): string => $l->key, $lines);
        self::assertSame(array_values(array_unique($keys)), $keys);
        Said::assertSame(__DIR__.'/proposed.yaml', $name, array_map(self::told(...), $lines));
    }

    private static function told(PrepLine $line): string
    {
        $s = $line->step;

        return implode(' · ', array_filter([
            "$line->key: $s->title",
            [] === $s->parts ? null : 'on '.implode(', ', $s->parts),
            null === $s->grit ? null : "grit $s->grit",
            $s->coats > 1 ? "$s->coats times" : null,
            'nothing' === $s->wait->value ? null : 'wait '.$s->wait->value,
            null === $s->dwell ? null : "$s->dwell min",
            null === $s->repeat ? null : "until {$s->repeat->until->value}, {$s->repeat->least} to {$s->repeat->most}",
            $s->aim?->value,
            null === $line->before ? 'at the end' : "before $line->before",
            $line->reason,
        ], is_string(...)));
    }
}
