<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Recipe;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Recipe\Criterion;
use Inlaid\Core\Recipe\DescribeStep;
use Inlaid\Core\Recipe\Intent;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Repeat;
use Inlaid\Core\Recipe\Scenario;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\Target;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Extent;
use Inlaid\Core\Technique\Hand;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Within;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Core\Bounds;
use Inlaid\Tests\Core\Findings\Flaws;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Made;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What a step can say, what it means, and how it is told.
 */
final class StepTest extends TestCase
{
    use Bounds;

    /**
     * @return iterable<string, array{\Closure(float): mixed, ?float, ?float, float, string}>
     */
    public static function figures(): iterable
    {
        yield 'left' => [
            static fn (float $x) => StepDetail::of(left: $x),
            0.0,
            1.0,
            0.01,
            'The share left after wiping must be between 0 and 1.',
        ];
        yield 'grit' => [static fn (float $x) => StepDetail::of(grit: (int) $x), 24, 3000, 1, 'A grit must be between 24 and 3000.'];
        yield 'depth' => [static fn (float $x) => StepDetail::of(depth: $x), 0.0, 5000.0, 0.1, 'A depth must be between 0 and 5000 µm.'];
        yield 'dwell' => [
            static fn (float $x) => StepDetail::of(dwell: (int) $x),
            0,
            2880,
            1,
            'A dwell must be between 0 minutes and 2 days.',
        ];
        yield 'hands-on' => [
            static fn (float $x) => StepDetail::of(handsOn: (int) $x),
            1,
            2880,
            1,
            'Hands-on time must be between 1 minute and 2 days.',
        ];
        yield 'share' => [
            static fn (float $x) => StepDetail::of(extent: new Extent([], $x)),
            0.001,
            1.0,
            0.001,
            'A share of the surface must be above 0 and up to 100 %.',
        ];
        yield 'sections' => [
            static fn (float $x) => StepDetail::of(sections: (int) $x),
            1,
            500,
            1,
            'The sections must be between 1 and 500.',
        ];
        yield 'shows' => [
            static fn (float $x) => Intent::of(Purpose::BrokenCover, $x),
            0.0,
            1.0,
            0.01,
            'The surface left showing must be between 0 and 1.',
        ];
        yield 'wait' => [
            static fn (float $x) => WaitRule::of(WaitUntil::Minutes, (int) $x),
            0,
            131_400,
            1,
            'The wait must be between 0 minutes and 3 months.',
        ];
        yield 'least passes' => [
            static fn (float $x) => Repeat::of(Criterion::Smooth, (int) $x, 5),
            1,
            5,
            1,
            'The passes must be from 1 to 50, with the minimum not above the maximum.',
        ];
        yield 'most passes' => [
            static fn (float $x) => Repeat::of(Criterion::Smooth, 2, (int) $x),
            2,
            50,
            1,
            'The passes must be from 1 to 50, with the minimum not above the maximum.',
        ];
        yield 'coats' => [
            static fn (float $x) => Made::step('a', 'brushed', Given::paint(), (int) $x),
            1,
            50,
            1,
            'Coats must be between 1 and 50.',
        ];
        yield 'expected passes' => [
            static fn (float $x) => self::repeated((int) $x, Repeat::of(Criterion::Smooth, 2, 4)),
            2,
            4,
            1,
            'The expected passes must be between 2 and 4.',
        ];
        yield 'place in a blend' => [
            static fn (float $x) => Made::step('a', 'blended', Given::paint())->blendedWith(0.5, [[Given::paint('other'), $x]]),
            0.0,
            1.0,
            0.01,
            'The place of a colour must be between 0 and 100 % of the way.',
        ];
    }

    /**
     * @param \Closure(float): mixed $make
     */
    #[DataProvider('figures')]
    public function testAFigureThatCannotBeTrueIsRefused(\Closure $make, ?float $least, ?float $most, float $beyond, string $says): void
    {
        self::assertBounds($make, $least, $most, $beyond, $says);
    }

    /** What does not go together is refused, each in its words. */
    public function testWhatDoesNotGoTogetherIsRefused(): void
    {
        $paint = Given::paint();
        $dust = Made::step('dust', 'dusted');
        $target = static fn () => Target::of('Look', []);
        $refused = array_map(self::refusal(...), [
            'a wait of minutes without them' => static fn () => WaitRule::of(WaitUntil::Minutes),
            'no material' => static fn () => Made::step('a', 'brushed'),
            'a material for sanding' => static fn () => Made::step('a', 'sanded', $paint),
            'a tool it is not done with' => static fn () => Made::step('a', 'brushed', $paint, detail: StepDetail::of(tool: Tool::Belt)),
            'painted until bare' => static fn () => Step::of(
                'a',
                '',
                Given::techniques()->named('brushed'),
                Intent::of(Purpose::Hide),
                [],
                $paint,
                1,
                StepDetail::of(),
                WaitRule::of(WaitUntil::Recoat),
                repeat: Repeat::of(Criterion::Bare, 1, 2),
            ),
            'a blend by brush' => static fn () => Made::step('a', 'brushed', $paint)->blendedWith(0.0, [[$paint, 1.0]]),
            'a blend of two coats' => static fn () => Made::step('a', 'blended', $paint, 2)->blendedWith(0.0, [[$paint, 1.0]]),
            'a step twice' => static fn () => Made::recipe([$dust, $dust]),
            'a part that is not there' => static fn () => Made::recipe([self::on($dust, ['lid'])]),
            'masked and worked on' => static fn () => Made::recipe(
                [Made::step('a', 'brushed', $paint, detail: StepDetail::of(masks: ['p']))],
            ),
            'a step of last resort that is not there' => static fn () => Made::recipe(
                [self::repeated(1, Repeat::of(Criterion::Smooth, 1, 2, 'b'))],
            ),
            'one that comes too early' => static fn () => Made::recipe(
                [$dust, self::repeated(1, Repeat::of(Criterion::Smooth, 1, 2, 'dust'))],
            ),
            'a target without a colour' => $target,
        ]);
        self::assertNotContains(null, $refused);
        Said::assertSame(__DIR__.'/steps.yaml', 'refused', $refused);
    }

    /** Every fact of steps of every kind, as a comparison of revisions tells them. */
    public function testStepsAreToldFactByFact(): void
    {
        $described = new DescribeStep();
        foreach (Flaws::sound() as $name => [$job]) {
            $recipe = Analysed::recipe($job);
            Said::assertSame(__DIR__.'/steps.yaml', $name, array_map(
                static fn (Step $s): string => implode('; ', array_map(
                    static fn (string $what, string $fact): string => "$what: $fact",
                    array_keys($facts = $described->facts($s, $recipe)),
                    $facts,
                )),
                $recipe->steps,
            ));
        }
        $more = Analysed::recipe([
            'part' => [
                'shape' => [
                    'kind' => 'door',
                    'size' => ['length' => 600, 'width' => 400, 'thickness' => 20],
                    'faces' => ['face', 'reverse'],
                ],
                'area' => null,
            ],
            'other' => ['shape' => null, 'area' => 0.1],
            'steps' => [
                [
                    'sprayed',
                    'engine-green',
                    ['parts' => ['whole:face'], 'masks' => ['other'], 'tool' => 'can', 'note' => 'Shake it well.', 'hand' => 'light'],
                ],
                ['sanded', null, ['grit' => 120, 'strokes' => 'along', 'aim' => 'smooth', 'depth' => 40, 'handsOn' => 90, 'sections' => 2,
                    'repeat' => ['until' => 'smooth', 'least' => 1, 'most' => 3, 'otherwise' => 's2']]],
                ['brushed', ['signal-cream' => '1/2', 'water' => '1'], ['share' => 0.25, 'left' => null, 'title' => 'A thin one',
                    'wait' => ['until' => 'minutes', 'minutes' => 4320], 'purpose' => 'broken-cover', 'shows' => 0.3]],
                ['washed-wiped', 'platform-slate', ['wiping' => 'damp', 'left' => 0.4, 'within' => ['recesses'], 'dwell' => 10]],
            ],
        ]);
        Said::assertSame(__DIR__.'/steps.yaml', 'everything else', array_map(
            static fn (Step $s): array => $described->facts($s, $more),
            $more->steps,
        ));
    }

    /** Rounds as expected, at least and at most; once where only time passes. */
    public function testRounds(): void
    {
        $all = static fn (Step $s): array => array_map($s->rounds(...), [Scenario::Least, Scenario::Expected, Scenario::Most]);
        self::assertSame([1, 2, 4], $all(self::repeated(2, Repeat::of(Criterion::Smooth, 1, 4))));
        self::assertSame([3, 3, 3], $all(Made::step('a', 'brushed', Given::paint(), 3)));
        self::assertSame([1, 1, 1], $all(Made::step('a', 'rested', null, 3)));
        $more = self::repeated(2, Repeat::of(Criterion::Smooth, 1, 4))->withRounds(6);
        self::assertSame([1, 6, 6], $all($more));
        self::assertSame([1, 1, 4], $all(self::repeated(2, Repeat::of(Criterion::Smooth, 2, 4))->withRounds(0)));
        self::assertSame(50, Made::step('a', 'brushed', Given::paint())->withRounds(80)->coats);
        self::assertSame(4, self::repeated(4, Repeat::of(Criterion::Smooth, 1, 4))->withOneMoreCoat()->coats, 'no more than at most');
        self::assertSame(3, Made::step('a', 'brushed', Given::paint(), 2)->withOneMoreCoat()->coats);
        self::assertSame(50, Made::step('a', 'brushed', Given::paint(), 50)->withOneMoreCoat()->coats);
    }

    /** Colours are laid in the order in which they lie along the way, whatever order they were named in; each has its own step. */
    public function testABlendIsAStepForEachColour(): void
    {
        $step = Made::step('sky', 'blended', Given::paint());
        self::assertSame([$step], $step->blendedWith(0.0, []));
        $steps = $step->blendedWith(0.6, [[Given::paint('night'), 1.0], [Given::paint('dawn'), 0.0]]);
        self::assertSame(['sky', 'sky.2', 'sky.3'], array_map(static fn (Step $s): string => $s->id, $steps));
        self::assertSame(['Dawn', 'Paint', 'Night'], array_map(static fn (Step $s): ?string => $s->uses?->name, $steps));
        self::assertSame(['Sky', 'Sky: Paint', 'Sky: Night'], array_map(static fn (Step $s): string => $s->name(), $steps));
        self::assertSame([[0.0, 0.6, 1.0], 2], [$steps[2]->detail->blend?->at, $steps[2]->detail->blend?->which]);
        self::assertEqualsWithDelta(1.0, array_sum(array_map(static fn (Step $s): float => $s->cover(), $steps)), 1e-9);
        self::assertSame(['sky', 'sky'], array_map(Step::documentId(...), ['sky', 'sky.3']));
        self::assertSame([false, true], [$steps[0]->isFurtherColour(), $steps[1]->isFurtherColour()]);
        self::assertTrue($steps[1]->isWorkedInto($steps[0]));
    }

    /** One wet work: both loose, laid once, on the same parts, with no wait between. */
    public function testWhatIsWorkedIntoWhatIsWet(): void
    {
        $glaze = static fn (string $id, int $coats = 1, WaitUntil $wait = WaitUntil::Nothing): Step => Made::step(
            $id,
            'glazed-wiped',
            Given::paint(),
            $coats,
            wait: $wait,
        );
        self::assertTrue($glaze('b')->isWorkedInto($glaze('a')));
        self::assertFalse($glaze('b', 2)->isWorkedInto($glaze('a')));
        self::assertFalse($glaze('b')->isWorkedInto($glaze('a', 2)));
        self::assertFalse($glaze('b')->isWorkedInto($glaze('a', 1, WaitUntil::Touch)));
        self::assertFalse($glaze('b')->isWorkedInto(Made::step('a', 'brushed', Given::paint(), wait: WaitUntil::Nothing)));
        self::assertFalse(Made::step('b', 'brushed', Given::paint())->isWorkedInto($glaze('a')));
        self::assertFalse(self::on($glaze('b'), ['p'])->isWorkedInto($glaze('a')));
    }

    /** How far a hand goes, and where a step is meant for. */
    public function testHandAndPlace(): void
    {
        $with = static fn (string $technique, StepDetail $detail): Step => Made::step(
            'a',
            $technique,
            Given::techniques()->named($technique)->profile()->takesMaterial ? Given::paint() : null,
            detail: $detail,
        );
        self::assertSame(1.0, $with('distressed-dry', StepDetail::of())->byHand());
        self::assertGreaterThan(1.3, $with('distressed-dry', StepDetail::of(hand: Hand::Heavy))->byHand());
        self::assertEqualsWithDelta(0.6, $with('undertone-patchy', StepDetail::of(hand: Hand::Light))->byHand(), 1e-9);
        self::assertEqualsWithDelta(0.3, $with('undertone-patchy', StepDetail::of(hand: Hand::Light))->cover(), 1e-9);
        self::assertSame(1.0, $with('brushed', StepDetail::of())->cover());
        self::assertSame(1.0, $with('brushed', StepDetail::of(extent: new Extent([Within::Edges])))->cover());
        self::assertEqualsWithDelta(0.5, $with('undertone-patchy', StepDetail::of(extent: new Extent([Within::Edges])))->cover(), 1e-9);
        self::assertSame([Within::Edges], $with('gilded', StepDetail::of())->place()->within, 'as is usual of it');
        self::assertSame([Within::Feet], $with('gilded', StepDetail::of(extent: new Extent([Within::Feet])))->place()->within);
        self::assertSame(
            [Tool::Brush, Tool::Pad],
            [$with('brushed', StepDetail::of())->tool(), $with('brushed', StepDetail::of(tool: Tool::Pad))->tool()],
        );
        self::assertTrue($with('brushed', StepDetail::of(extent: new Extent([], 0.1)))->isTouchUp());
        self::assertSame(
            [FilmWeight::Thin, Hand::Heavy, 20],
            [
                ($d = StepDetail::of(weight: FilmWeight::Thin, dwell: 5)->done(Hand::Heavy, 20))->weight,
                $d->hand,
                $d->dwell,
            ],
        );
        self::assertSame(5, StepDetail::of(dwell: 5)->done(null, null)->dwell);
    }

    /** A step that others fall back on is found, and forgotten where it is left out. */
    public function testStepsOfLastResort(): void
    {
        $sand = self::repeated(2, Repeat::of(Criterion::Smooth, 1, 3, 'dust'));
        $recipe = Made::recipe([$sand, Made::step('dust', 'dusted')]);
        self::assertSame($sand, $recipe->onlyIfNot($recipe->steps[1]));
        self::assertNull($recipe->onlyIfNot($sand));
        $without = $recipe->withSteps([$sand]);
        self::assertNull($without->steps[0]->repeat);
        self::assertSame(2, $without->steps[0]->coats);
        self::assertSame('dust', $recipe->withSteps($recipe->steps)->steps[0]->repeat?->otherwise);
        self::assertSame(['sand', 'dust'], array_keys($recipe->stepsById()));
        self::assertSame(['p', 'p:whole'], Recipe::namesOfPlaces($recipe->piece));
        $target = Target::of('Look', ['field' => Colour::of('#808080')], ['p']);
        self::assertSame([true, false], [$target->isFor('p'), $target->isFor('q')]);
        self::assertTrue(Target::of('Look', ['field' => Colour::of('#808080')])->isFor('anything'));
    }

    private static function repeated(int $rounds, Repeat $repeat): Step
    {
        return Step::of(
            'sand',
            'Sand',
            Given::techniques()->named('sanded'),
            Intent::of(Purpose::Functional),
            [],
            null,
            $rounds,
            StepDetail::of(grit: 180),
            WaitRule::of(WaitUntil::Nothing),
            repeat: $repeat,
        );
    }

    /**
     * @param list<string> $parts
     */
    private static function on(Step $s, array $parts): Step
    {
        return Step::of(
            $s->id,
            $s->title,
            $s->technique,
            $s->intent,
            $parts,
            $s->uses,
            $s->coats,
            $s->detail,
            $s->wait,
            $s->note,
            $s->repeat,
        );
    }
}
