<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Work;

use Brick\Math\BigRational;
use Inlaid\Core\Film\CoatNeed;
use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Optics\FindColourant;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\Wiping;
use Inlaid\Core\Technique\Chosen;
use Inlaid\Core\Technique\Direction;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Extent;
use Inlaid\Core\Technique\Hand;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Within;
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
    private const FILE = __DIR__.'/steps.yaml';
    private const USES = [
        'stained-wiped' => 'rain-grey-stain', 'oiled-wiped' => 'hard-oil', 'waxed' => 'clear-wax', 'waxed-in-recesses' => 'dark-wax',
        'gilded' => 'number-gold', 'bleached' => 'two-part-bleach', 'neutralised' => 'vinegar-rinse', 'stripped' => 'paste-stripper',
        'cleaned' => 'degreaser', 'rinsed' => 'water', 'conditioned' => 'conditioner', 'resist-laid' => 'wax-resist',
        'filled' => 'wood-filler',
        'padded' => 'shellac', 'limed' => 'liming-wax', 'pigment-rubbed-in' => 'bracken-red', 'rewetted' => 'water',
    ];

    /** @return iterable<string, array{string, ?Tool}> what is laid and what takes away; what only handles is told together */
    public static function steps(): iterable
    {
        foreach (Given::techniques()->all() as $technique) {
            if (self::handles($technique)) {
                continue;
            }
            $tools = $technique->profile()->tools;
            foreach ([] === $tools ? [null] : $tools as $tool) {
                yield $technique->key().(null === $tool ? '' : ', '.$tool->value) => [$technique->key(), $tool];
            }
        }
    }

    private static function handles(Technique $technique): bool
    {
        return !$technique->profile()->takesMaterial && Effect::TakesAway !== $technique->profile()->effect;
    }

    #[DataProvider('steps')]
    public function testWorkedOut(string $key, ?Tool $tool): void
    {
        Said::assertSame(self::FILE, (string) $this->dataName(), self::told(self::step($key, $tool)));
    }

    public function testWhatOnlyHandles(): void
    {
        $told = [];
        foreach (array_filter(Given::techniques()->all(), self::handles(...)) as $technique) {
            foreach ($technique->profile()->tools ?: [null] as $tool) {
                $told[$technique->key().(null === $tool ? '' : ', '.$tool->value)] = self::told(self::step($technique->key(), $tool));
            }
        }
        Said::assertSame(self::FILE, 'what only handles', $told);
    }

    /** @return iterable<string, array{\Closure(): Step}> */
    public static function places(): iterable
    {
        $paint = static fn (StepDetail $detail, string $technique = 'brushed', int $water = 0): Step => Made::step(
            's',
            $technique,
            0 === $water ? Given::paint() : Mixture::of('Wash', Basis::ByVolume, [
                Part::of(BigRational::one(), Given::paint()), Part::of(BigRational::of($water), Given::water()),
            ]),
            detail: $detail,
        );
        $in = static fn (Within ...$within): StepDetail => StepDetail::of(extent: new Extent(array_values($within)));
        yield 'edges' => [static fn (): Step => $paint($in(Within::Edges))];
        yield 'recesses' => [static fn (): Step => $paint($in(Within::Recesses))];
        yield 'edges and recesses' => [static fn (): Step => $paint($in(Within::Edges, Within::Recesses))];
        yield 'corners' => [static fn (): Step => $paint($in(Within::Corners))];
        yield 'a tenth, where it needs it' => [static fn (): Step => $paint(StepDetail::of(extent: new Extent(share: 0.1)))];
        yield 'half, here and there' => [static fn (): Step => $paint(StepDetail::of(extent: new Extent([], 0.5, Chosen::HereAndThere)))];
        yield 'thinned three times' => [static fn (): Step => $paint(StepDetail::of(), 'washed-on', 3)];
        yield 'thinned once' => [static fn (): Step => $paint(StepDetail::of(), 'brushed', 1)];
        yield 'a dye brushed on' => [static fn (): Step => Made::step('s', 'brushed', Analysed::shelf()['rain-grey-stain'])];
        yield 'thin' => [static fn (): Step => $paint(StepDetail::of(weight: FilmWeight::Thin))];
        yield 'heavy' => [static fn (): Step => $paint(StepDetail::of(weight: FilmWeight::Heavy))];
        yield 'a light hand' => [static fn (): Step => $paint(StepDetail::of(hand: Hand::Light), 'dry-brushed')];
        yield 'a heavy hand' => [static fn (): Step => $paint(StepDetail::of(hand: Hand::Heavy), 'dry-brushed')];
        yield 'wiped damp, after four minutes' => [
            static fn (): Step => $paint(StepDetail::of(dwell: 4, wiping: Wiping::Damp), 'glazed-wiped'),
        ];
        yield 'left for twenty minutes' => [static fn (): Step => $paint(StepDetail::of(dwell: 20), 'glazed-wiped')];
        yield 'minutes said' => [static fn (): Step => $paint(StepDetail::of(handsOn: 17))];
        yield 'in five sections' => [static fn (): Step => $paint(StepDetail::of(sections: 5), 'washed-wiped')];
        yield 'across, sanded' => [
            static fn (): Step => Made::step(
                's',
                'sanded',
                for: Purpose::Functional,
                detail: StepDetail::of(grit: 120, strokes: Direction::Across),
            ),
        ];
        yield 'sanded to a depth' => [
            static fn (): Step => Made::step('s', 'sanded', for: Purpose::Functional, detail: StepDetail::of(grit: 80, depth: 55.0)),
        ];
        yield 'three passes' => [
            static fn (): Step => Made::step('s', 'sanded', coats: 3, for: Purpose::Functional, detail: StepDetail::of(grit: 80)),
        ];
    }

    /** @param \Closure(): Step $step */
    #[DataProvider('places')]
    public function testInPlaces(\Closure $step): void
    {
        Said::assertSame(self::FILE, 'place: '.$this->dataName(), self::told($step()));
    }

    private static function step(string $key, ?Tool $tool): Step
    {
        $profile = Given::techniques()->named($key)->profile();
        $uses = $profile->takesMaterial ? self::uses($key) : null;

        return Made::step('s', $key, $uses, null === $uses ? 1 : 2, Purpose::BrokenCover, detail: StepDetail::of(
            grit: Effect::TakesAway === $profile->effect && null !== $profile->atGrit ? 180 : null,
            tool: $tool,
        ));
    }

    /** @return array<string, string> of two alike in three pieces */
    private static function told(Step $step): array
    {
        $part = PiecePart::of('p', 'P', Surface::free(0.25, 1.5), 2, Made::part()->substrate);
        $recipe = Recipe::of('Board', Piece::of('Board', 3, [$part]), [$step]);
        $work = Made::works($recipe, Given::context())[0];
        $does = (new DescribeSurfaceStep((new FindColourant())->blind()))->describe($work, $part);

        return [
            'work' => self::work($work),
            'does' => Said::line($does, ['id', 'film', 'pattern']).(null === $does->film ? '' : ', '.$does->film->of->kind->name),
            'leaves' => implode(' ', array_map(
                static fn (Zone $z): string => \sprintf(
                    '%s %.4g of %.4g',
                    $z->value,
                    $does->pattern->mean($z),
                    $does->pattern->touches($z),
                ),
                Zone::cases(),
            )),
        ];
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
