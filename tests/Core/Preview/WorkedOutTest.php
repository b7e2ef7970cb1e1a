<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Preview;

use Brick\Math\BigRational;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Context\PotAtHand;
use Inlaid\Core\Measure\UnitSystem;
use Inlaid\Core\Practice\PersonalFactors;
use Inlaid\Core\Preview\Preview;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Whole recipes, worked out: a line for each part, step, coat of the plan, material and consumable, as worked-out.yaml has them. The same
 * recipe gives the same figures, on every machine and in every year.
 */
final class WorkedOutTest extends TestCase
{
    /**
     * @return iterable<string, array{string, array<mixed>, \Closure(): Context}>
     */
    public static function recipes(): iterable
    {
        $prep = [['sanded', null, ['grit' => 120]], ['sanded', null, ['grit' => 180]], ['dusted']];
        $door = ['length' => 600, 'width' => 400, 'thickness' => 20];
        $shop = static fn (): Context => Analysed::shop();
        yield 'two coats of paint and wax' => ['two coats of paint and wax', ['joint' => 1.5, 'steps' => [
            ...$prep,
            ['brushed', 'signal-cream', ['coats' => 2]],
            ['waxed', 'clear-wax'],
        ]], $shop];
        yield 'three pieces, a wash from a pot on the shelf' => ['three pieces, a wash from a pot on the shelf', [
            'count' => 3,
            'steps' => [
                ...$prep,
                [
                    'washed-wiped',
                    ['platform-slate' => '1', 'water' => '3'],
                    ['purpose' => 'broken-cover', 'wait' => 'through', 'left' => 0.5],
                ],
                ['padded', 'topcoat-matt', ['coats' => 2]],
            ],
        ], static fn (): Context => Analysed::shop(pots: [self::pot('wash', ['platform-slate' => 100, 'water' => 230])])];
        yield 'a glaze in sections, helped' => ['a glaze in sections, helped', ['steps' => [
            ['brushed', 'engine-green', ['wait' => 'overnight']],
            ['glazed-wiped', ['glazing-medium' => '5', 'lamp-soot' => '1'], ['purpose' => 'pores', 'wait' => 'overnight']],
            ['brushed', 'topcoat-outdoor', ['coats' => 2]],
        ], 'use' => ['place' => 'weather', 'wear' => 'daily']], static fn (): Context => Analysed::shop(helper: true)];
        yield 'old varnish, stripped until bare' => ['old varnish, stripped until bare', ['part' => [
            'finish' => ['kind' => 'varnish'],
            'tests' => ['age' => 'after'],
        ], 'steps' => [
            [
                'stripped',
                'water-rinsed-stripper',
                ['dwell' => 15, 'coats' => 2, 'repeat' => ['until' => 'bare', 'least' => 1, 'most' => 4]],
            ],
            ['rinsed', 'water', ['coats' => 2, 'wait' => 'overnight']],
            ['sanded', null, ['grit' => 120, 'aim' => 'smooth', 'repeat' => ['until' => 'smooth', 'least' => 1, 'most' => 3]]],
            ['dusted'],
            ['stained-wiped', 'rain-grey-stain', ['wait' => 'overnight']],
            ['brushed', 'varnish', ['coats' => 2, 'wait' => 'overnight']],
        ]], $shop];
        yield 'a door and its frame, sprayed and masked' => ['a door and its frame, sprayed and masked', [
            'part' => [
                'shape' => ['kind' => 'door', 'size' => $door, 'faces' => ['face', 'reverse', 'long-edges', 'short-edges']],
                'area' => null,
                'turned' => true,
            ],
            'other' => ['shape' => null, 'area' => 0.8, 'turned' => false],
            'steps' => [
                ...$prep,
                ['sprayed', 'engine-green', ['parts' => ['whole'], 'coats' => 2, 'masks' => ['other']]],
                ['brushed', 'signal-cream', ['parts' => ['other'], 'coats' => 2]],
                ['gilded', 'number-gold', ['purpose' => 'edges', 'parts' => ['whole'], 'wait' => 'cure']],
            ],
        ], $shop];
        yield 'stripes on a door' => ['stripes on a door', [
            'part' => ['shape' => ['kind' => 'door', 'size' => $door, 'faces' => ['face']], 'area' => null],
            'other' => ['shape' => null, 'area' => 0.1],
            'steps' => [
                ['brushed', 'signal-cream', ['coats' => 2]],
                ['striped', 'lamp-soot', [
                    'parts' => ['whole'],
                    'layout' => ['kind' => 'stripes', 'width' => 20.0, 'gap' => 40.0, 'run' => 'across', 'share' => 'one-in-the-middle'],
                ]],
            ],
        ], $shop];
        yield 'milk paint over a resist' => ['milk paint over a resist', ['steps' => [
            ...$prep,
            ['brushed', ['bracken-red' => '1', 'water' => '1'], ['weight' => 'thin']],
            ['resist-laid', 'wax-resist', ['purpose' => 'edges', 'hand' => 'heavy']],
            ['brushed', ['halt-ochre' => '2', 'water' => '3'], ['coats' => 2]],
            ['resist-released', null, ['wait' => 'overnight']],
            ['oiled-wiped', 'penetrating-oil', ['purpose' => 'functional', 'dwell' => 15]],
        ]], $shop];
        yield 'a touch-up of a tenth' => ['a touch-up of a tenth', ['steps' => [
            ['brushed', 'signal-cream', ['coats' => 2]],
            ['brushed', 'signal-cream', ['share' => 0.1]],
            ['distressed-dry', null, ['within' => ['corners', 'edges'], 'tool' => 'sanding-sponge']],
        ]], $shop];
        yield 'a filled hole' => ['a filled hole', [
            'part' => ['fields' => [['id' => 'hole', 'name' => 'Filled hole', 'share' => 0.03, 'colour' => '#c9a877', 'drinks' => 1.0]]],
            'steps' => [...$prep, ['stained-wiped', 'rain-grey-stain'], ['padded', 'topcoat-satin']],
        ], $shop];
        yield 'ounces and cups' => ['ounces and cups', ['steps' => [
            ['brushed', ['signal-cream' => '4', 'water' => '1'], ['coats' => 2]],
            ['padded', 'topcoat-satin'],
        ]], static fn (): Context => Analysed::shop(units: UnitSystem::US)];
        yield 'with the painter\'s own figures' => ['with the painter\'s own figures', ['steps' => [
            ['brushed', 'signal-cream', ['coats' => 2]],
            ['padded', 'topcoat-satin'],
        ]], static fn (): Context => Analysed::shop()->withOwn(new PersonalFactors(
            paces: ['brushed' => 1.4],
            drying: ['signal-cream' => 1.5, 'topcoat-satin' => 0.8],
            amounts: ['signal-cream/brushed' => 1.25, 'topcoat-satin/padded' => 0.9],
        ))];
        yield 'a cold and damp day, a heavy coat' => ['a cold and damp day, a heavy coat', [
            'climate' => ['temperature' => 12, 'humidity' => 70, 'air' => 'still'],
            'steps' => [['brushed', 'signal-cream', ['weight' => 'heavy']], ['brushed', 'signal-cream', ['weight' => 'thin']]],
        ], static fn (): Context => Analysed::shop()->inAir(static fn () => Analysed::context([
            'climate' => ['temperature' => 12, 'humidity' => 70, 'air' => 'still'],
        ])->climate)];
        yield 'nothing is counted, nothing is measured' => ['nothing is counted, nothing is measured', ['steps' => [
            ['brushed', 'engine-green', ['wait' => ['until' => 'minutes', 'minutes' => 600]]],
            ['waxed', ['clear-wax' => '9', 'wax-softener' => '1']],
        ]], static fn (): Context => Analysed::context()];
        yield 'handled: taken apart, turned, put back' => ['handled: taken apart, turned, put back', ['steps' => [
            ['taken-apart', null, ['parts' => ['whole']]],
            ['brushed', 'signal-cream'],
            ['turned-over'],
            ['rested', null, ['wait' => ['until' => 'minutes', 'minutes' => 90]]],
            ['put-back', null, ['parts' => ['whole']]],
        ]], $shop];
    }

    /**
     * @param array<mixed>        $recipe
     * @param \Closure(): Context $context
     */
    #[DataProvider('recipes')]
    public function testARecipeIsWorkedOutAsItWas(string $name, array $recipe, \Closure $context): void
    {
        $preview = Given::previewer()->preview(Analysed::recipe($recipe), $context());
        Said::assertSame(__DIR__.'/worked-out.yaml', $name, self::lines($preview));
    }

    /**
     * @return array<string, mixed>
     */
    private static function lines(Preview $p): array
    {
        $each = static fn (array $things, string ...$without): array => array_map(
            static fn (object $o): string => Said::line($o, array_values($without)),
            $things,
        );

        return [
            'whole' => Said::line((object) [
                'area' => $p->area,
                'cost' => $p->cost,
                'mostCost' => $p->mostCost,
                'handsOn' => $p->handsOn,
                'bought' => $p->bought,
                'ready' => $p->plan->readyOn,
                'cured' => $p->plan->curedOn,
                'soonest' => $p->plan->soonest,
                'latest' => $p->plan->latest,
            ]),
            'parts' => $each($p->parts, 'outline', 'survey'),
            'joints' => $each($p->joints),
            'steps' => $each($p->steps, 'layout'),
            'layers' => array_map(
                static fn (object $s): string => $s->id.': '.Said::line((object) ['layers' => $s->layers], ['colour']),
                $p->stacks,
            ),
            'coats' => $each($p->plan->coats),
            'materials' => $each($p->materials),
            'consumables' => $each($p->consumables),
            'clean-up' => Said::line($p->cleanUp),
        ];
    }

    /**
     * @param array<string, int> $grams
     */
    private static function pot(string $id, array $grams): PotAtHand
    {
        return new PotAtHand($id, ucfirst($id), null, array_map(BigRational::of(...), $grams));
    }
}
