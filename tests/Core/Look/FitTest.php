<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Look;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Look\FitRemedy;
use Inlaid\Core\Look\JointPreview;
use Inlaid\Core\Measure\UnitSystem;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\InvalidPiece;
use Inlaid\Core\Piece\Joint;
use Inlaid\Core\Piece\JointKind;
use Inlaid\Core\Piece\JointSide;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\PieceUse;
use Inlaid\Core\Piece\Place;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Preview\Preview;
use Inlaid\Core\Recipe\Intent;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Schedule\CoatPlan;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * Moving parts, faces, and parts that are turned.
 */
final class FitTest extends TestCase
{
    use Randomly;

    /**
     * A drawer 200 mm across in a dry room: 200 × 0.25 % × 4 ÷ 2 gaps = 1 mm swelling; of 1.6 mm are left 0.6. Each coat is
     * 40 µm dry on both faces: 0.52 after the first, 0.44, 0.36, and 0.28 after the fourth, less than the 0.3 it needs.
     */
    public function testADrawerBindsAfterTheCoatThatIsTooMany(): void
    {
        $fit = $this->fit($this->joint(1.6), 4);
        self::assertEqualsWithDelta(1.0, $fit->swelling, 1e-9);
        self::assertSame([0.52, 0.44, 0.36, 0.28], array_map(static fn ($s): float => $s->gap, $fit->steps));
        self::assertSame([80.0, 160.0, 240.0, 320.0], array_map(static fn ($s): float => $s->films, $fit->steps));
        self::assertSame('c4', $fit->bindsAfter);
        self::assertSame(0.28, $fit->left);
        self::assertNull($this->fit($this->joint(1.6), 3)->bindsAfter);
        self::assertSame([], $this->fit($this->joint(1.6), 3)->remedies);
        self::assertSame('', $this->fit($this->joint(1.2), 1)->bindsAfter, 'it binds bare, once the wood has swollen');
        self::assertSame('c1', $this->fit($this->joint(1.3), 1)->bindsAfter, 'as much as it needs is enough, and no film more');
        self::assertSame(2.2, $this->fit($this->joint(4.0), 10)->steps[9]->gap, '800 µm of film are 0.8 mm');
        self::assertSame('c2', $this->fit($this->joint(1.38), 2)->bindsAfter, 'the first coat leaves just what it needs');
        self::assertSame('c1', $this->fit($this->joint(1.37995), 2)->bindsAfter, 'or a trifle less');
    }

    /**
     * Leaving a face bare saves its 160 µm, one coat fewer 80 µm, planing just what is missing.
     */
    public function testRemediesAreComparedByTheGapTheyLeave(): void
    {
        $remedies = $this->fit($this->joint(1.6), 4)->remedies;
        self::assertSame([
            ['Leave the long edges of “Drawer” uncoated', 0.44, true],
            ['Leave the long edges of “Frame” uncoated', 0.44, true],
            ['One coat less of “c1”', 0.36, true],
            ['Remove 0.02 mm before the first coat', 0.3, true],
        ], array_map(static fn (FitRemedy $r): array => [$r->text, $r->gap, $r->enough], $remedies));
        self::assertFalse($this->fit($this->joint(1.3), 4)->remedies[1]->enough, 'one way alone may not do');
    }

    public function testWhatIsNotCoatedTakesNothingAndSandingGivesBack(): void
    {
        self::assertSame(0.44, $this->fit($this->joint(1.6, coated: false), 4)->left);
        $steps = [$this->coat('c1'), $this->coat('c2'), $this->step('sand', 'sanded', StepDetail::of(depth: 10))];
        self::assertSame(0.46, $this->preview($steps, [$this->joint(1.6)])->joints[0]->left);
        self::assertSame(
            0.6,
            $this->preview([$this->step('wear', 'distressed-dry', StepDetail::of(depth: 10))], [$this->joint(1.6)])->joints[0]->left,
        );
        $elsewhere = Step::of(
            'c',
            '',
            Given::techniques()->named('brushed'),
            Intent::of(Purpose::Hide),
            ['drawer:face'],
            Given::paint(),
            3,
            StepDetail::of(),
            WaitRule::of(WaitUntil::Recoat),
        );
        self::assertSame(0.6, $this->preview([$elsewhere], [$this->joint(1.6)])->joints[0]->left, 'the face does not run in the frame');
    }

    /**
     * Two fresh films must not touch until they have cured; where one side is bare nothing sticks.
     */
    public function testFreshFilmsStayApartUntilCured(): void
    {
        $preview = $this->preview([$this->coat('c1'), $this->coat('c2')], [$this->joint(3.0), $this->joint(3.0, coated: false)]);
        self::assertSame($preview->plan->curedOn, $preview->joints[0]->apartUntil);
        self::assertNull($preview->joints[1]->apartUntil);
    }

    /**
     * Never a smaller gap from fewer coats, more clearance, narrower wood or a drier place.
     */
    public function testTheGapFollowsItsCauses(): void
    {
        $this->manyTimes(25, function (): void {
            [$clearance, $across, $coats] = [$this->float(0, 4), $this->float(0, 600), $this->int(1, 5)];
            $joint = static fn (float $c, float $a): Joint => Joint::of(
                'j',
                'Joint',
                JointKind::cases()[0],
                new JointSide('drawer', 'long-edges', true),
                new JointSide('frame', 'long-edges', true),
                $c,
                0.3,
                $a,
            );
            $left = $this->fit($joint($clearance, $across), $coats)->left;
            self::assertGreaterThan($this->fit($joint($clearance, $across), $coats + 1)->left, $left);
            self::assertGreaterThanOrEqual($left, $this->fit($joint($clearance + 0.5, $across), $coats)->left);
            self::assertGreaterThanOrEqual($left, $this->fit($joint($clearance, $across / 2), $coats)->left);
            self::assertGreaterThanOrEqual($this->fit($joint($clearance, $across), $coats, Place::Weather)->left, $left);
        });
    }

    /**
     * A door that lies flat, 0.24 m² a side: two lays a coat, the first side touch-dry (30 min) before it is turned. All of its
     * hands-on time together is the same as that of one that hangs.
     */
    public function testPartsThatAreTurnedAreLaidTwice(): void
    {
        $hung = $this->preview([$this->coat('c1', ['door'])], []);
        $laid = $this->preview([$this->coat('c1', ['door'])], [], turned: true);
        self::assertSame([1, 2], [$hung->steps[0]->lays, $laid->steps[0]->lays]);
        self::assertSame([1, 2], array_map(static fn (CoatPlan $c): int => $c->lay, $laid->plan->coats));
        self::assertSame($hung->plan->handsOn, $laid->plan->handsOn);
        self::assertSame(30 * 60, strtotime($laid->plan->coats[1]->stretches[0]->start) - strtotime($laid->plan->coats[0]->end));
        self::assertSame(120, $laid->plan->coats[1]->leastWait, 'recoat counts from the second side');
        self::assertSame(
            1,
            $this->preview([$this->coat('c1', ['door:face', 'door:long-edges'])], [], turned: true)->steps[0]->lays,
            'one side needs no turning',
        );
        self::assertSame($hung->steps[0]->pour?->need->ml, $laid->steps[0]->pour?->need->ml);
    }

    public function testAStepOnOneFaceTakesThatFaceAndSplitsTheCut(): void
    {
        $preview = $this->preview([$this->coat('c1', ['door']), $this->coat('c2', ['door:reverse'])], []);
        self::assertSame([0.24 * 2 + 2 * 0.6 * 0.019, 0.24], [$preview->steps[0]->area, $preview->steps[1]->area]);
        $door = array_values(array_filter($preview->stacks, static fn ($s): bool => str_starts_with($s->parts[0], 'Door')));
        self::assertSame([['Door (face, long edges)'], ['Door (reverse)']], array_map(static fn ($s): array => $s->parts, $door));
        self::assertSame([1, 2], array_map(static fn ($s): int => \count($s->layers), $door));
    }

    public function testJointsThatCannotBeAreRefused(): void
    {
        foreach ([
            fn () => $this->joint(-1),
            static fn () => Joint::of(
                'j',
                'Joint',
                JointKind::Drawer,
                new JointSide('drawer', 'face', true),
                new JointSide('drawer', 'face', true),
                1.0,
            ),
            fn () => $this->preview(
                [],
                [Joint::of(
                    'j',
                    'Joint',
                    JointKind::Drawer,
                    new JointSide('drawer', 'reverse', true),
                    new JointSide('frame', 'face', true),
                    1.0,
                )],
            ),
            fn () => $this->preview(
                [],
                [Joint::of(
                    'j',
                    'Joint',
                    JointKind::Drawer,
                    new JointSide('nobody', 'face', true),
                    new JointSide('frame', 'face', true),
                    1.0,
                )],
            ),
        ] as $nonsense) {
            try {
                $nonsense();
                self::fail('Nonsense was accepted.');
            } catch (InvalidPiece $refusal) {
                self::assertNotSame('', $refusal->getMessage());
            }
        }
    }

    private function joint(float $clearance, bool $coated = true): Joint
    {
        return Joint::of(
            $coated ? 'both' : 'one',
            'Drawer in its frame',
            JointKind::Drawer,
            new JointSide('drawer', 'long-edges', true),
            new JointSide('frame', 'long-edges', $coated),
            $clearance,
            0.3,
            200.0,
        );
    }

    private function fit(Joint $joint, int $coats, Place $place = Place::Dry): JointPreview
    {
        return $this->preview(array_map(fn (int $i): Step => $this->coat("c$i"), range(1, $coats)), [$joint], $place)->joints[0];
    }

    /**
     * @param list<string> $on
     */
    private function coat(string $id, array $on = []): Step
    {
        return Step::of(
            $id,
            $id,
            Given::techniques()->named('brushed'),
            Intent::of(Purpose::Hide),
            $on,
            Given::paint(),
            1,
            StepDetail::of(),
            WaitRule::of(WaitUntil::Recoat),
        );
    }

    private function step(string $id, string $technique, StepDetail $detail): Step
    {
        return Step::of(
            $id,
            $id,
            Given::techniques()->named($technique),
            Intent::of(Purpose::Functional),
            [],
            null,
            1,
            $detail,
            WaitRule::of(WaitUntil::Nothing),
        );
    }

    /**
     * @param list<Step>  $steps
     * @param list<Joint> $joints
     */
    private function preview(array $steps, array $joints, Place $place = Place::Dry, bool $turned = false): Preview
    {
        $parts = [
            self::board('drawer', 'drawer', ['face', 'long-edges']),
            self::board('frame', 'front', ['face', 'long-edges']),
            self::board('door', 'door', ['face', 'reverse', 'long-edges'], $turned),
        ];
        $context = new Context(
            1_764_054_000,
            WorkingTime::of('UTC', array_fill(1, 7, [[0, 1440]])),
            Climate::reference(),
            UnitSystem::Metric,
            [],
            [],
            BigRational::of('0.05'),
            BigRational::of('0.02'),
        );

        return Given::previewer()->preview(
            Recipe::of('Test', Piece::of('Chest', 1, $parts, $joints, new PieceUse($place)), $steps),
            $context,
        );
    }

    /**
     * @param list<string> $faces
     */
    private static function board(string $id, string $kind, array $faces, bool $turned = false): PiecePart
    {
        $wood = Substrate::of(SubstrateKind::Solid, 'oak', Grain::Open, Colour::of('#bd9660'));

        return PiecePart::of(
            $id,
            ucfirst($id),
            Surface::of(Given::shapes()->named($kind), ['length' => 600.0, 'width' => 400.0, 'thickness' => 19.0], $faces),
            1,
            $wood,
            turned: $turned,
        );
    }
}
