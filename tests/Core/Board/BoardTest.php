<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Board;

use Brick\Math\BigRational;
use Inlaid\Core\Board\Axis;
use Inlaid\Core\Board\Cell;
use Inlaid\Core\Board\Choices;
use Inlaid\Core\Board\Difference;
use Inlaid\Core\Board\DiffPatches;
use Inlaid\Core\Board\Kind\Coats;
use Inlaid\Core\Board\Kind\ColourFraction;
use Inlaid\Core\Board\Kind\Dwell;
use Inlaid\Core\Board\LayOut;
use Inlaid\Core\Board\OrderRounds;
use Inlaid\Core\Board\OwnChange;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
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
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * What a board varies, how it is laid out, in what its patches differ, and in which rounds they are laid.
 */
final class BoardTest extends TestCase
{
    use Randomly;

    private static function step(
        string $id,
        string $technique = 'washed-wiped',
        Material|Mixture|null $uses = null,
        int $coats = 1,
        ?int $dwell = null,
        ?int $grit = null,
        string $note = '',
    ): Step {
        return Step::of(
            $id,
            '',
            Given::techniques()->named($technique),
            Intent::of(Purpose::Functional),
            [],
            $uses,
            $coats,
            StepDetail::of(dwell: $dwell, grit: $grit),
            WaitRule::of(WaitUntil::Recoat),
            $note,
        );
    }

    private static function recipe(Step ...$steps): Recipe
    {
        return self::on('lime', ...$steps);
    }

    private static function on(string $wood, Step ...$steps): Recipe
    {
        $part = PiecePart::of(
            'patch',
            'Patch',
            Surface::free(0.01),
            1,
            Substrate::of(SubstrateKind::Solid, $wood, Grain::Close, Colour::of('#ddccaa')),
        );

        return Recipe::of('Board', Piece::of('Board', 1, [$part]), array_values($steps));
    }

    private static function mix(string ...$shares): Mixture
    {
        $of = [Given::paint(), Given::water(), Given::paint('other'), Given::powder()];

        return Mixture::of(
            'Wash',
            Basis::ByVolume,
            array_map(
                static fn (string $share, Material $m): Part => Part::of(ExactNumber::parse($share), $m),
                array_values($shares),
                \array_slice($of, 0, \count($shares)),
            ),
        );
    }

    /**
     * One part of colour to two of water with a quarter of colour is one to three; of three ingredients the two others stay as they are to
     * one another.
     */
    public function testTheShareOfTheColourIsSetExactly(): void
    {
        $words = static fn (Mixture $mix, string $level): string => (new ColourFraction())->inWords(
            new Choices(self::recipe(self::step('a', uses: $mix)), [], [], Given::techniques()),
            self::step('a', uses: $mix),
            $level,
        );
        self::assertSame('1 Paint : 3 Water', $words(self::mix('1', '2'), '1/4'));
        self::assertSame('1 Paint : 1 Water', $words(self::mix('1', '2'), '0.5'));
        self::assertSame('3 Paint : 4 Water : 2 Other', $words(self::mix('1', '2', '1'), '1/3'));
        $this->manyTimes(200, function (): void {
            $mix = self::mix(...array_map(fn (): string => (string) $this->int(1, 9), range(1, $this->int(2, 4))));
            $fraction = BigRational::nd($n = $this->int(1, 9), $this->int($n + 1, 12));
            $edit = (new ColourFraction())->edits(
                new Choices(self::recipe(self::step('a', uses: $mix)), [], [], Given::techniques()),
                self::step('a', uses: $mix),
                (string) $fraction,
            )[0];
            /** @var list<string> $set */
            $set = $edit->set['shares'];
            $shares = array_map(ExactNumber::parse(...), $set);
            self::assertSame(
                [],
                array_filter($shares, static fn (BigRational $s): bool => !$s->simplified()->getDenominator()->isEqualTo(1)),
                'whole parts',
            );
            self::assertTrue($shares[0]->isEqualTo($fraction->multipliedBy(ExactNumber::sum($shares))), 'the share of the colour');
            foreach (\array_slice($shares, 2, null, true) as $i => $share) {
                self::assertTrue(
                    $share->multipliedBy($mix->parts[1]->share)->isEqualTo($shares[1]->multipliedBy($mix->parts[$i]->share)),
                    'the others to one another',
                );
            }
        });
    }

    public function testColumnsAreLettersAndRowsNumbers(): void
    {
        $step = self::step('wash', uses: self::mix('1', '2'), coats: 2, dwell: 3);
        $choices = new Choices(self::recipe($step), [], [], Given::techniques());
        $dwell = Axis::of(new Dwell(), $step, ['1', '3'], $choices);
        $coats = Axis::of(new Coats(), $step, ['1', '2', '3'], $choices);
        $label = static fn (Cell $c): string => $c->label.(([] === $c->edits) ? '=' : '');
        self::assertSame(['A1', 'B1', 'A2', 'B2=', 'A3', 'B3'], array_map($label, (new LayOut())->cells($dwell, $coats)));
        self::assertSame(['A', 'B='], array_map($label, (new LayOut())->cells($dwell, null)));
        self::assertSame(
            ['A', 'B', 'Control='],
            array_map($label, (new LayOut())->cells(Axis::of(new Dwell(), $step, ['1', '9'], $choices), null)),
            'none is as the recipe stands',
        );
        $own = (new LayOut())->cells($dwell, null, [new OwnChange('B', Axis::of(new Coats(), $step, ['1'], $choices))]);
        self::assertSame(['A', 'B', 'Control='], array_map($label, $own));
        self::assertSame(['3 min', 'Wash, wiped back: Wash: coats: 1 coat'], $own[1]->says);
    }

    /**
     * What is only said makes no difference; each thing that is done otherwise is one.
     */
    public function testPatchesDifferInWhatIsDoneOtherwise(): void
    {
        $sand = self::step('sand', 'sanded', grit: 180);
        $wash = self::step('wash', uses: self::mix('1', '2'), dwell: 3);
        $wax = self::step('wax', 'waxed', Given::paint('wax'));
        $base = self::recipe($sand, $wash, $wax);
        $what = static fn (Recipe $other): array => array_map(
            static fn (Difference $d): string => $d->inWords(),
            (new DiffPatches())->between($base, $other),
        );
        self::assertSame(
            [],
            $what(self::recipe($sand, self::step('wash', uses: self::mix('1', '2'), dwell: 3, note: 'by the window'), $wax)),
        );
        self::assertSame(['the wood (solid lime against solid oak)'], $what(self::on('oak', $sand, $wash, $wax)));
        self::assertSame(['Sanded, the grit (180 against 120)'], $what(self::recipe(self::step('sand', 'sanded', grit: 120), $wash, $wax)));
        self::assertSame(['Waxed and buffed: Wax (done against skipped)'], $what(self::recipe($sand, $wash)));
        self::assertSame(
            [
                'the order (Sanded, Wash, wiped back: Wash, Waxed and buffed: Wax against Sanded, Waxed and buffed: '
                .'Wax, Wash, wiped back: Wash)',
            ],
            $what(self::recipe($sand, $wax, $wash)),
        );
        self::assertSame(
            [
                'Wash, wiped back: Wash, the material (1 Paint : 2 Water against 1 Paint : 3 Water)',
                'Wash, wiped back: Wash, the dwell (3 min against not set)',
            ],
            $what(self::recipe($sand, self::step('wash', uses: self::mix('1', '3')), $wax)),
        );
        self::assertSame(
            ['Wash, wiped back: Wash, the technique (wash, wiped back against brushed)'],
            $what(self::recipe($sand, self::step('wash', 'brushed', self::mix('1', '2'), dwell: 3), $wax)),
        );
    }

    /**
     * Every patch keeps its order, everything is done once, patches with one order stay together, and those that take turns meet again.
     */
    public function testRoundsKeepTheOrderOfEveryPatch(): void
    {
        $order = new OrderRounds();
        self::assertSame([['a', ['P', 'Q']], ['b', ['P', 'Q']]], $order->order(['P' => ['a', 'b'], 'Q' => ['a', 'b']], ['a', 'b']));
        self::assertSame(
            [['a', ['P']], ['b', ['P', 'Q']], ['a', ['Q']]],
            $order->order(['P' => ['a', 'b'], 'Q' => ['b', 'a']], ['a', 'b']),
        );
        self::assertSame(
            [['a1', ['P', 'Q']], ['a2', ['Q']], ['w', ['P', 'Q']]],
            $order->order(['P' => ['a1', 'w'], 'Q' => ['a1', 'a2', 'w']], ['a1', 'a2', 'w']),
            'the wax waits for the second coat',
        );
        $this->manyTimes(200, function () use ($order): void {
            $acts = array_map(static fn (int $i): string => "act $i", range(1, $this->int(1, 6)));
            $sequences = [];
            foreach (range(1, $this->int(1, 6)) as $p) {
                $own = $this->random->shuffleArray($acts);
                $sequences["patch $p"] = 0 === $this->int(0, 1) ? $acts : \array_slice($own, 0, $this->int(1, \count($acts)));
            }
            $done = array_fill_keys(array_keys($sequences), []);
            $rounds = $order->order($sequences, $acts);
            foreach ($rounds as [$act, $patches]) {
                foreach ($patches as $patch) {
                    $done[$patch][] = $act;
                }
            }
            self::assertSame($sequences, $done);
            if (1 === \count(array_unique(array_map(static fn (array $s): string => implode('', $s), $sequences)))) {
                self::assertCount(\count(reset($sequences)), $rounds);
            }
        });
    }
}
