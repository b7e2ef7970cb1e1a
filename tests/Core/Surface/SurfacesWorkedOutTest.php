<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Surface;

use Inlaid\Core\Look\WorkOutLook;
use Inlaid\Core\Surface\Patch;
use Inlaid\Core\Surface\SurfaceStep;
use Inlaid\Core\Surface\ZoneState;
use Inlaid\Core\Work\StepCalculation;
use Inlaid\Core\Work\WorkOutSteps;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What steps make of a surface, zone by zone, as surfaces.yaml has it: what is described of each step, and how each zone lies after it.
 */
final class SurfacesWorkedOutTest extends TestCase
{
    /**
     * @return iterable<string, array{array<mixed>}>
     */
    public static function recipes(): iterable
    {
        $paint = ['brushed', 'signal-cream'];
        $dark = ['brushed', 'engine-green', ['coats' => 2]];
        $steps = static fn (array ...$steps): array => [['steps' => $steps]];
        yield 'two colours worn' => $steps(
            $dark,
            $paint,
            ['distressed-dry', null, ['within' => ['corners', 'edges'], 'tool' => 'sanding-sponge', 'hand' => 'heavy']],
            ['waxed', 'clear-wax'],
        );
        yield 'worn wet' => $steps($dark, $paint, ['distressed-wet', null, ['within' => ['edges']]]);
        yield 'a wash wiped, twice' => $steps(['washed-wiped', ['platform-slate' => '1', 'water' => '3'], ['coats' => 2, 'dwell' => 3]]);
        yield 'glazed, in the recesses' => $steps(
            $paint,
            ['glazed-wiped', ['glazing-medium' => '5', 'lamp-soot' => '1'], ['purpose' => 'pores']],
        );
        yield 'dry-brushed across' => $steps($dark, ['dry-brushed', 'signal-cream', ['purpose' => 'broken-cover', 'strokes' => 'across']]);
        yield 'stippled, ragged' => $steps($paint, ['stippled', 'tunnel-mist'], ['ragged', 'platform-slate']);
        yield 'stained after uneven sanding' => $steps(
            ['sanded', null, ['grit' => 80]],
            ['dusted'],
            ['conditioned', 'conditioner'],
            ['stained-wiped', 'rain-grey-stain', ['dwell' => 5]],
            ['brushed', 'varnish', ['coats' => 2]],
        );
        yield 'bleached' => $steps(
            ['bleached', 'two-part-bleach', ['coats' => 2]],
            ['neutralised', 'vinegar-rinse'],
            ['oiled-wiped', 'hard-oil'],
        );
        yield 'bleached mildly' => $steps(['bleached', ['oxalic-bleach' => '1', 'water' => '3']], ['stained-wiped', 'tea-brown-stain']);
        yield 'a shimmer over dark' => $steps($dark, ['brushed', ['metallic-paint' => '1', 'topcoat-satin' => '3']]);
        yield 'a resist, released' => $steps(
            $dark,
            ['resist-laid', 'wax-resist', ['purpose' => 'edges']],
            ['brushed', 'signal-cream', ['coats' => 2]],
            ['resist-released'],
        );
        yield 'limed' => [[
            'part' => ['substrate' => ['kind' => 'solid', 'species' => 'oak', 'grain' => 'open', 'colour' => '#c9a877']],
            'steps' => [['grain-brushed', null, ['tool' => 'bronze-brush']], ['dusted'], ['limed', 'liming-wax', ['purpose' => 'pores']]],
        ]];
        yield 'stripped, rinsed' => [[
            'part' => ['finish' => ['kind' => 'varnish'], 'tests' => ['age' => 'after']],
            'steps' => [['stripped', 'paste-stripper', ['coats' => 2]], ['rinsed', 'mineral-spirit'], ['sanded', null, ['grit' => 120]]],
        ]];
        yield 'through paint to the wood' => [[
            'part' => ['finish' => ['kind' => 'paint'], 'tests' => ['age' => 'after'], 'substrate' => [
                'kind' => 'solid', 'species' => 'pine', 'grain' => 'close', 'colour' => '#7d8a74',
            ]],
            'steps' => [['scuff-sanded', null, ['grit' => 240]], $paint, ['sanded', null, ['grit' => 120, 'depth' => 90.0]]],
        ]];
        yield 'gilded edges over metal' => [[
            'part' => ['substrate' => ['kind' => 'metal', 'species' => 'iron', 'grain' => 'none', 'colour' => '#6b6661']],
            'steps' => [['sprayed', 'hook-black', ['coats' => 2]], ['gilded', 'number-gold', ['purpose' => 'edges']]],
        ]];
        yield 'a tenth touched up' => $steps($dark, ['brushed', 'signal-cream', ['share' => 0.1]]);
        yield 'half wiped off' => $steps(
            $paint,
            ['washed-wiped', ['lamp-soot' => '1', 'water' => '9'], ['purpose' => 'broken-cover', 'left' => 0.5]],
        );
    }

    /**
     * @param array<mixed> $given
     */
    #[DataProvider('recipes')]
    public function testWorkedOut(array $given): void
    {
        $recipe = Analysed::recipe($given);
        $context = Analysed::context();
        $works = (new WorkOutSteps())->workOut($recipe, $context->climate, $context->habits(Given::practices(), $recipe));
        $look = (new WorkOutLook())->look($recipe->piece->parts[0], $works, 0.1);
        $told = [];
        foreach ($look->doings as $i => $step) {
            $told[$step->id] = ['is' => self::step($step)];
            foreach ($look->zones() as $zone) {
                $told[$step->id][$zone->value] = self::zone($look->after($i, $zone), $look->takenAfter($i, $zone));
            }
            $told[$step->id]['film'] = self::figure($look->met($i + 1)->filmDepth());
            $told[$step->id]['reaches'] = $look->reaches($i);
        }
        Said::assertSame(__DIR__.'/surfaces.yaml', (string) $this->dataName(), $told);
        $open = array_values(array_filter($works, static fn (StepCalculation $w): bool => $w->isOpen()));
        self::assertSame([], $open, 'nothing is repeated as needed');
    }

    private static function step(SurfaceStep $step): string
    {
        $is = Said::line($step, ['film', 'id']);
        $film = $step->film;

        return null === $film ? $is : \sprintf(
            '%s; film %s of %s',
            $is,
            Said::line($film, ['of']),
            Said::line($film->of, ['optics', 'flake']),
        );
    }

    private static function zone(ZoneState $state, ?float $taken): string
    {
        $patch = static fn (Patch $p): string => implode(' ', [
            self::figure($p->share),
            $p->hex(),
            self::figure($p->depthOfFilms()),
            self::figure($p->old),
            self::figure($p->drinks()),
            self::figure($p->worn),
            ...(null === $p->resist() ? [] : ['resist']),
            ...($p->isOpenWood() ? ['open'] : []),
        ]);
        $some = array_map($patch, \array_slice($state->patches, 0, 4));

        return \sprintf(
            '%d: %s; ΔE %s%s%s',
            \count($state->patches),
            implode(', ', $some),
            self::figure($state->contrast()),
            null === $state->spread ? '' : ' '.$state->spread->value.' '.$state->way,
            null === $taken ? '' : ', '.self::figure($taken).' µm taken',
        );
    }

    private static function figure(float $of): string
    {
        return (string) (float) \sprintf('%.4g', abs($of) < 1e-6 ? 0.0 : $of);
    }
}
