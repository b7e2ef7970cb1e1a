<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Learn;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Learn\LearnedPatch;
use Inlaid\Core\Learn\LearnLook;
use Inlaid\Core\Learn\SeenPatch;
use Inlaid\Core\Look\WorkOutLook;
use Inlaid\Core\Material\Learned;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Optics\DeriveOptics;
use Inlaid\Core\Optics\FindColourant;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Recipe\Intent;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\DescribeSurfaceStep;
use Inlaid\Core\Work\WorkOutSteps;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\TestCase;

/**
 * What is learned from patches: that a paint that really is otherwise is found, that little evidence changes little, and that it can be
 * taken back.
 */
final class LearnLookTest extends TestCase
{
    use Randomly;

    /**
     * Patches laid with a paint that is stronger and of another colour than stated: with one coat, two, thinned, the look says so, and the
     * errors fall under what the eye sees apart.
     */
    public function testAPaintThatIsOtherwiseIsFound(): void
    {
        $this->manyTimes(8, function (): void {
            $true = Learned::of(
                Colour::of(self::shifted('#5b6b73', $this->float(-7, 7), $this->float(-5, 5), $this->float(-5, 5))),
                round(exp($this->float(-0.4, 0.4)), 4),
                1,
            );
            $patches = self::patches($true, ['0', '1', '2', '4', '6', '8'], [1, 2]);
            $found = (new LearnLook())->learn(Given::paint(), $patches);
            \assert(null !== $found->learned && null !== $found->offStated && null !== $found->offLearned && null !== $found->powerWithin);
            self::assertSame(12, $found->learned->patches);
            self::assertLessThan(max(0.6, $found->offStated / 4), $found->offLearned, 'what is left of the error');
            self::assertLessThan(
                1.5,
                DeltaE2000::between(Lab::of($found->learned->colour), Lab::of($true->colour)),
                'its full-strength colour',
            );
            self::assertEqualsWithDelta(
                0.0,
                log($found->learned->power / $true->power),
                2 * log($found->powerWithin) + 0.05,
                'its strength',
            );
        });
    }

    /**
     * One patch moves what is stated only some of the way; the more say the same, the farther and the surer.
     */
    public function testMoreOfThemAreBelievedMore(): void
    {
        $true = Learned::of(Colour::of(self::shifted('#5b6b73', 6.0, 0.0, 0.0)), 1.0, 1);
        $one = self::patches($true, ['0'], [2]);
        $moved = $within = [];
        foreach ([1, 3, 9] as $count) {
            $found = (new LearnLook())->learn(Given::paint(), array_merge(...array_fill(0, $count, $one)));
            \assert(null !== $found->learned);
            $moved[] = Lab::of($found->learned->colour)->l - Lab::of(Colour::of('#5b6b73'))->l;
            $within[] = $found->colourWithin;
        }
        self::assertGreaterThan(1.0, $moved[0]);
        self::assertGreaterThan($moved[0], $moved[1]);
        self::assertGreaterThan($moved[1], $moved[2]);
        self::assertLessThan(6.5, $moved[2]);
        self::assertGreaterThan($within[1], $within[0]);
        self::assertGreaterThan($within[2], $within[1]);
    }

    /**
     * The order of readings is of no account; what is learned makes no patch set worse as a whole; one that agrees already changes nothing
     * that is seen.
     */
    public function testItNeverMakesThingsWorse(): void
    {
        $square = static fn (array $patches, \Closure $of): float => array_sum(array_map(
            static fn (LearnedPatch $p): float => (
                Lab::of($p->seen)->l - Lab::of($of($p))->l
            ) ** 2 + (Lab::of($p->seen)->a - Lab::of($of($p))->a) ** 2 + (Lab::of($p->seen)->b - Lab::of($of($p))->b) ** 2,
            $patches,
        ));
        $this->manyTimes(6, function () use ($square): void {
            $patches = array_map(
                fn (SeenPatch $p): SeenPatch => new SeenPatch(
                    $p->board,
                    $p->patch,
                    $p->part,
                    $p->works,
                    new Lab($p->seen->l + $this->float(-9, 9), $p->seen->a + $this->float(-9, 9), $p->seen->b + $this->float(-9, 9)),
                ),
                self::patches(null, ['0', '2', '5'], [1]),
            );
            $found = (new LearnLook())->learn(Given::paint(), $patches);
            $back = (new LearnLook())->learn(Given::paint(), array_reverse($patches));
            self::assertEqualsWithDelta($found->learned?->power, $back->learned?->power, 0.02);
            // A colour's code is whole: half a step of it on each side.
            self::assertLessThan(
                1.02 * $square($found->patches, static fn (LearnedPatch $p): Colour => $p->stated) + 1.0,
                $square($found->patches, static fn (LearnedPatch $p): Colour => $p->learned),
            );
        });
        $agrees = (new LearnLook())->learn(Given::paint(), self::patches(null, ['0', '3'], [1, 2]));
        self::assertLessThan(0.3, $agrees->offLearned);
        self::assertEqualsWithDelta(1.0, $agrees->learned?->power, 0.02);
    }

    /** Figure by figure, as learned.yaml has it. */
    public function testWorkedOut(): void
    {
        $stronger = Learned::of(Colour::of(self::shifted('#5b6b73', 4.0, -3.0, 5.0)), 1.3, 1);
        $weaker = Learned::of(Colour::of(self::shifted('#5b6b73', -8.0, 6.0, -2.0)), 0.7, 1);
        $off = static fn (array $patches, float $by): array => array_map(
            static fn (SeenPatch $p, int $i): SeenPatch => new SeenPatch(
                $p->board,
                $p->patch,
                $p->part,
                $p->works,
                new Lab($p->seen->l + $by * sin($i), $p->seen->a + $by * cos($i), $p->seen->b - $by * sin(2 * $i)),
            ),
            $patches,
            array_keys($patches),
        );
        $faint = static fn (Step $wash): array => [$wash, self::step('cover', 'brushed', Given::powder(), 1)];
        foreach ([
            'one patch' => self::patches($stronger, ['0'], [2]),
            'stronger and greener' => self::patches($stronger, ['0', '2', '6'], [1, 2]),
            'weaker and redder, read by a shaky hand' => $off(self::patches($weaker, ['0', '1', '4', '8'], [1]), 3.0),
            'far off' => $off(self::patches($weaker, ['0', '3'], [1]), 14.0),
            'only thin washes' => self::patches($weaker, ['8', '12'], [1]),
            'under another' => self::patches($stronger, ['0', '1'], [1], $faint),
        ] as $name => $patches) {
            $found = (new LearnLook())->learn(Given::paint(), $patches);
            Said::assertSame(__DIR__.'/learned.yaml', $name, [
                'all' => Said::line($found, ['patches']),
                ...array_map(static fn (LearnedPatch $p): string => Said::line($p), $found->patches),
            ]);
        }
    }

    public function testItIsTakenBackByASwitch(): void
    {
        $derive = new DeriveOptics();
        $learned = Learned::of(Colour::of('#6b6b63'), 1.4, 6);
        $stated = $derive->derive(Given::paint());
        self::assertNotEquals($stated, $derive->derive(Given::paint()->learning($learned)));
        self::assertEquals($stated, $derive->derive(Given::paint()->learning(Learned::of($learned->colour, $learned->power, 6, false))));
        self::assertSame('#5b6b73', Given::paint()->learning($learned)->look->colour?->hex, 'what is stated stays');
    }

    public function testNothingIsLearnedOfWhatDoesNotShow(): void
    {
        $learn = new LearnLook();
        self::assertStringContainsString('No patch with it has been measured', (string) $learn->learn(Given::paint(), [])->why);
        self::assertStringContainsString(
            'No patch with it has been measured',
            (string) $learn->learn(Given::paint('other'), self::patches(null, ['0'], [1]))->why,
        );
        self::assertStringContainsString(
            'No colour can be measured',
            (string) $learn->learn(Given::water(), self::patches(null, ['1'], [1]))->why,
        );
        $buried = self::patches(
            null,
            ['8'],
            [1],
            static fn (Step $wash): array => [$wash, self::step('cover', 'brushed', Given::powder(), 3)],
        );
        self::assertStringContainsString('Too faint', (string) $learn->learn(Given::paint(), $buried)->why);
    }

    /**
     * @param list<string>                    $thinnings parts of water to one of paint
     * @param list<int>                       $coats
     * @param \Closure(Step): list<Step>|null $more
     *
     * @return list<SeenPatch> with the colours that the paint makes as it really is
     */
    private static function patches(?Learned $true, array $thinnings, array $coats, ?\Closure $more = null): array
    {
        $patches = [];
        foreach ($thinnings as $water) {
            foreach ($coats as $often) {
                $mix = '0' === $water
                    ? Given::paint()
                    : Mixture::of(
                        'A wash',
                        Basis::ByVolume,
                        [Part::of(BigRational::one(), Given::paint()), Part::of(BigRational::of($water), Given::water())],
                    );
                $wash = self::step('wash', 'brushed', $mix, $often);
                $recipe = Recipe::of(
                    'A patch',
                    Piece::of(
                        'Panel',
                        1,
                        [PiecePart::of(
                            'top',
                            'Top',
                            Surface::free(0.1),
                            1,
                            Substrate::of(SubstrateKind::Solid, 'birch', Grain::Close, Colour::of('#e0c9a0')),
                        )],
                    ),
                    null === $more ? [$wash] : $more($wash),
                );
                $works = (new WorkOutSteps())->workOut($recipe, Climate::reference(), Given::practices()->habits([], []));
                $look = new WorkOutLook(new DescribeSurfaceStep((new FindColourant())->with(Given::paint()->learning($true))));
                $patches[] = new SeenPatch(
                    'A board',
                    "$water/$often",
                    $recipe->piece->parts[0],
                    $works,
                    Lab::ofLight($look->look($recipe->piece->parts[0], $works)->end(Zone::Field)->mean()),
                );
            }
        }

        return $patches;
    }

    private static function step(string $id, string $technique, Material|Mixture $uses, int $coats): Step
    {
        return Step::of(
            $id,
            $id,
            Given::techniques()->named($technique),
            Intent::of(Purpose::Hide),
            [],
            $uses,
            $coats,
            StepDetail::of(),
            WaitRule::of(WaitUntil::Recoat),
        );
    }

    private static function shifted(string $hex, float $l, float $a, float $b): string
    {
        $lab = Lab::of(Colour::of($hex));

        return (new Lab($lab->l + $l, $lab->a + $a, $lab->b + $b))->light()->colour()->hex;
    }
}
