<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Work;

use Inlaid\Core\Film\CoatNeed;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Optics\FindColourant;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\DescribeSurfaceStep;
use Inlaid\Core\Work\StepCalculation;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Made;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * One step of every technique, with every tool it can be done with, on a square metre of beech: what is worked out of it and what it does
 * to the surface, as steps.yaml has it.
 */
final class EachStepTest extends TestCase
{
    private const USES = [
        'stained-wiped' => 'rain-grey-stain', 'oiled-wiped' => 'hard-oil', 'waxed' => 'clear-wax', 'waxed-in-recesses' => 'dark-wax',
        'gilded' => 'number-gold', 'bleached' => 'two-part-bleach', 'neutralised' => 'vinegar-rinse', 'stripped' => 'paste-stripper',
        'cleaned' => 'degreaser', 'rinsed' => 'water', 'conditioned' => 'conditioner', 'resist-laid' => 'wax-resist',
        'filled' => 'wood-filler',
        'padded' => 'shellac', 'limed' => 'liming-wax', 'pigment-rubbed-in' => 'bracken-red', 'rewetted' => 'water',
    ];

    /** @return iterable<string, array{string, ?Tool}> */
    public static function steps(): iterable
    {
        foreach (Given::techniques()->all() as $technique) {
            $tools = $technique->profile()->tools;
            foreach ([] === $tools ? [null] : $tools as $tool) {
                yield $technique->key().(null === $tool ? '' : ', '.$tool->value) => [$technique->key(), $tool];
            }
        }
    }

    #[DataProvider('steps')]
    public function testWorkedOut(string $key, ?Tool $tool): void
    {
        $profile = Given::techniques()->named($key)->profile();
        $uses = $profile->takesMaterial ? self::uses($key) : null;
        $step = Made::step('s', $key, $uses, null === $uses ? 1 : 2, Purpose::BrokenCover, detail: StepDetail::of(
            grit: Effect::TakesAway === $profile->effect && null !== $profile->atGrit ? 180 : null,
            tool: $tool,
        ));
        $recipe = Made::recipe([$step]);
        $work = Made::works($recipe, Given::context())[0];
        $does = (new DescribeSurfaceStep((new FindColourant())->blind()))->describe($work, $recipe->piece->parts[0]);
        Said::assertSame(__DIR__.'/steps.yaml', (string) $this->dataName(), [
            'work' => self::work($work),
            'does' => Said::line($does, ['id', 'film', 'pattern']).(null === $does->film ? '' : ', '.$does->film->of->kind->name),
            'leaves' => implode(' ', array_map(
                static fn (Zone $z): string => \sprintf('%s %.4g', $z->value, $does->pattern->mean($z)),
                Zone::cases(),
            )),
        ]);
    }

    private static function uses(string $key): Material
    {
        return isset(self::USES[$key]) ? Analysed::shelf()[self::USES[$key]] : Given::paint(largestThinning: 3.0);
    }

    private static function work(StepCalculation $work): string
    {
        return implode('; ', [
            \sprintf('%d min, %d in all, %d other side', $work->handsOn, $work->minutes(), $work->otherSide()),
            \sprintf('covers %.4g', $work->cover()),
            \sprintf('takes off %.4g µm', $work->removes()),
            ...(null === $work->film ? [] : [\sprintf('%.4g µm wet, %.4g dry', $work->film->wet, $work->film->dry)]),
            ...array_map(
                static fn (CoatNeed $n): string => \sprintf('%.4g ml laid, %.4g poured', $n->laid, $n->poured->toFloat()),
                $work->needs(),
            ),
            ...(null === ($sections = $work->sections()) ? [] : [$sections->count.' sections']),
            implode(' ', array_keys(array_filter([
                'lays' => $work->lays(), 'seals' => $work->seals(), 'dyes' => $work->dyes(), 'covering' => $work->covers(),
                'open' => $work->isOpen(), 'done' => $work->isDone(), 'residue' => $work->leavesResidue(),
            ]))),
        ]);
    }
}
