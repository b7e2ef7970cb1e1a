<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Design;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Design\Choice;
use Inlaid\Core\Design\Extender;
use Inlaid\Core\Design\Lively;
use Inlaid\Core\Design\LooksLeft;
use Inlaid\Core\Design\OwnStep;
use Inlaid\Core\Design\Role;
use Inlaid\Core\Design\SettleOnTarget;
use Inlaid\Core\Design\Slot;
use Inlaid\Core\Design\Wish;
use Inlaid\Core\Design\WorkOutRisks;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Look\WorkOutLook;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Target;
use Inlaid\Core\Surface\Origin;
use Inlaid\Core\Technique\Hand;
use Inlaid\Core\Work\StepCalculation;
use Inlaid\Core\Work\WorkOutSteps;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What of a painter's own step can be varied and between what, what plays which role, and how far a look is from a wish: by hand, and as
 * design.yaml has it.
 */
final class OwnStepTest extends TestCase
{
    private const FILE = __DIR__.'/design.yaml';

    /**
     * @return iterable<string, array{array<mixed>}>
     */
    public static function steps(): iterable
    {
        yield 'paint as it is' => [['brushed', 'signal-cream', ['coats' => 2]]];
        yield 'a single coat' => [['brushed', 'signal-cream']];
        yield 'as many coats as there can be' => [['brushed', 'signal-cream', ['coats' => 20]]];
        yield 'thinned by a quarter' => [['brushed', ['signal-cream' => '4', 'water' => '1']]];
        yield 'a wash wiped off' => [['washed-wiped', ['platform-slate' => '1', 'water' => '3'], ['dwell' => 3]]];
        yield 'a glaze, the medium first' => [['glazed-wiped', ['glazing-medium' => '5', 'lamp-soot' => '1'], ['purpose' => 'pores']]];
        yield 'two colours and water' => [['brushed', ['signal-cream' => '3', 'engine-green' => '2', 'water' => '1']]];
        yield 'two colours' => [['brushed', ['signal-cream' => '3', 'engine-green' => '2']]];
        yield 'wax made softer' => [['waxed', ['clear-wax' => '9', 'wax-softener' => '1']]];
        yield 'stain left a minute' => [['stained-wiped', 'rain-grey-stain', ['dwell' => 1]]];
        yield 'worn by a light hand' => [['distressed-dry', null, ['within' => ['edges'], 'hand' => 'light']]];
        yield 'dry-brushed' => [['dry-brushed', 'signal-cream', ['purpose' => 'broken-cover', 'hand' => 'heavy']]];
        yield 'sanded' => [['sanded', null, ['grit' => 180]]];
        yield 'until it covers' => [
            ['brushed', 'signal-cream', ['coats' => 2, 'repeat' => ['until' => 'hides', 'least' => 1, 'most' => 4]]],
        ];
        yield 'dusted' => [['dusted']];
    }

    /**
     * @param array<mixed> $step
     */
    #[DataProvider('steps')]
    public function testWhatCanBeVaried(array $step): void
    {
        $of = Analysed::recipe(['steps' => [$step]])->steps[0];
        $slot = OwnStep::slot($of);
        if (null === $slot) {
            Said::assertSame(self::FILE, (string) $this->dataName(), 'nothing');

            return;
        }
        $choices = $slot->singles();
        self::assertSame([], OwnStep::edits($slot, $slot->usual()), 'as it is, nothing is changed');
        Said::assertSame(self::FILE, (string) $this->dataName(), [
            'materials' => array_map(static fn (Material|Mixture $m): string => self::named($m), $slot->materials),
            'ratios' => implode(', ', array_map(strval(...), $slot->ratios)),
            'coats' => implode(', ', $slot->coats),
            'hands' => implode(', ', array_map(static fn (?Hand $h): string => $h->value ?? '–', $slot->hands)),
            'dwells' => implode(', ', array_map(static fn (?int $d): string => (string) ($d ?? '–'), $slot->dwells)),
            'choices' => \count($choices),
            'last' => array_map(self::edit(...), OwnStep::edits($slot, $choices[\count($choices) - 1])),
            'stronger' => 1 < \count($slot->ratios)
                ? array_map(self::edit(...), OwnStep::edits($slot, $slot->usual()->with(ratio: \count($slot->ratios) - 1)))
                : [],
            'laid' => self::named($slot->uses($choices[\count($choices) - 1])),
        ]);
    }

    /** A label that says how thin it may go is kept to, and what cannot be thinned is not. */
    public function testAsFarAsTheLabelAllows(): void
    {
        $shelf = Analysed::shelf();
        $step = Analysed::recipe(['steps' => [['brushed', 'signal-cream']]])->steps[0];
        $slot = static fn (Material $of, ?Material $with, bool $first = false): Slot => new Slot(
            step: $step,
            materials: [$of],
            extenders: [$with],
            extenderFirst: $first,
            ratios: array_map(BigRational::of(...), ['0', '1/4', '3/10', '1/2']),
            coats: [1],
            hands: [null],
            dwells: [null],
            mixes: false,
        );
        $allowed = static fn (Slot $of): array => array_map(static fn (Choice $c): int => $c->ratio, $of->singles());
        $most = 0.3;
        $paint = array_values(array_filter($shelf, static fn (Material $m): bool => $m->body->largestThinning === $most))[0] ?? null;
        self::assertNotNull($paint, 'there is one on the shelf');
        self::assertSame([0, 1, 2], $allowed($slot($paint, $shelf['water'])));
        self::assertSame([0, 1, 2, 3], $allowed($slot($paint, $shelf['water'], true)), 'a glaze is mostly medium');
        self::assertSame([0], $allowed($slot($paint, null)));
        $free = array_values(array_filter($shelf, static fn (Material $m): bool => null === $m->body->largestThinning))[0];
        self::assertSame([0, 1, 2, 3], $allowed($slot($free, $shelf['water'])));
        $two = $slot($paint, $shelf['water'])->with($free);
        self::assertSame(
            [[0 => 1], [1 => 1]],
            array_values(array_unique(array_map(static fn (Choice $c): array => $c->parts, $two->singles()), \SORT_REGULAR)),
        );
        self::assertTrue($two->isOpen());
        self::assertSame($paint->id.':2 + '.$free->id.':1 | water:1/4', self::named($two->uses(new Choice([0 => 2, 1 => 1], 1))));
        self::assertSame(Hand::Middle, $two->step(new Choice([0 => 1]), $paint)?->detail->hand, 'as it was');
        self::assertSame(['parts' => [$paint->id => 2, $free->id => 1], 'ratio' => '1/4', 'coats' => 1], [
            'parts' => ($setting = $two->setting(new Choice([0 => 2, 1 => 1], 1)))->parts,
            'ratio' => (string) $setting->ratio,
            'coats' => $setting->coats,
        ]);
    }

    /** What on the shelf plays each role, and what extends each of that. */
    public function testWhoPlaysWhichRole(): void
    {
        $shelf = Analysed::shelf();
        ksort($shelf);
        $roles = [];
        foreach (Role::cases() as $role) {
            $roles[$role->value] = implode(' ', array_keys(array_filter($shelf, $role->isPlayedBy(...))));
        }
        Said::assertSame(self::FILE, '~ roles', $roles);
        $with = [];
        foreach (Extender::cases() as $extender) {
            foreach ($shelf as $id => $material) {
                $is = array_keys(array_filter($shelf, static fn (Material $m): bool => $extender->isPlayedBy($m, $material)));
                $with[$extender->value][implode(' ', $is) ?: 'nothing'][] = $id;
            }
        }
        Said::assertSame(self::FILE, '~ extenders', array_map(
            static fn (array $w): array => array_map(static fn (array $ids): string => implode(' ', $ids), $w),
            $with,
        ));
        self::assertSame([true, false, true], array_map(static fn (Extender $e): bool => $e->comesFirst(), [
            Extender::Glaze, Extender::Thin, Extender::Soften,
        ]));
    }

    /** A wish by zones, in their usual shares; distance where ΔE flatters. */
    public function testHowFarFromAWish(): void
    {
        $grey = Colour::of('#808080');
        $wish = Wish::of(['edge' => $grey, 'field' => $grey], Lively::Soft);
        self::assertEqualsWithDelta(['edge' => 0.125, 'field' => 0.875], $wish->shares, 1e-12);
        self::assertEqualsWithDelta([0.24, 0.0, 0.0, 0.0, 0.15], array_map($wish->dull(...), [0.0, 0.8, 2.0, 3.5, 4.0]), 1e-9);
        self::assertSame(0.0, Wish::of(['field' => $grey])->dull(9.0), 'any will do');
        $at = static fn (float $l, float $b): float => $wish->apart(
            'field',
            new Lab(Lab::of($grey)->l + $l, Lab::of($grey)->a, Lab::of($grey)->b + $b),
        );
        self::assertEqualsWithDelta(0.0, $at(0.0, 0.0), 1e-12);
        self::assertLessThan(5.0, $at(5.0, 0.0), 'as different as it looks');
        self::assertEqualsWithDelta(30.0, $at(0.0, 30.0), 1e-9, 'far off, by distance');
        self::assertSame(
            [Lively::Even, Lively::Soft, Lively::Soft, Lively::Broken],
            array_map(Lively::of(...), [0.79, 0.8, 3.49, 3.5]),
        );
        $left = new LooksLeft(2, static fn (): bool => false);
        $left->take();
        self::assertFalse($left->isDone());
        $left->take();
        self::assertTrue($left->isDone());
    }

    /** What moves a look, and what one's own steps are changed to for a target. */
    public function testWhatMovesALook(): void
    {
        foreach ([
            'a wash on bare wood' => ['steps' => [
                ['washed-wiped', ['platform-slate' => '1', 'water' => '3'], ['dwell' => 3]],
                ['brushed', 'topcoat-matt', ['coats' => 2]],
            ]],
            'thin paint over dark' => ['steps' => [
                ['brushed', 'engine-green'],
                ['brushed', ['signal-cream' => '1', 'water' => '1']],
                ['distressed-dry', null, ['within' => ['edges']]],
            ]],
            'stain that is measured' => ['part' => ['absorption' => 1.2], 'steps' => [['stained-wiped', 'rain-grey-stain']]],
        ] as $name => $given) {
            $recipe = Analysed::recipe($given);
            $look = (new WorkOutLook())->look($recipe->piece->parts[0], self::works($recipe));
            $risks = (new WorkOutRisks())->risks($look, Origin::of($recipe->piece->parts[0]));
            Said::assertSame(self::FILE, "~ moves: $name", array_map(Said::line(...), $risks));
            foreach (['#8a8f90', '#c9bda4', '#3c4a42'] as $hex) {
                $target = Target::of('Sample', ['field' => Colour::of($hex)]);
                $edits = (new SettleOnTarget(Given::practices()))->settle(
                    $recipe,
                    $target,
                    Analysed::context(),
                    static fn (): bool => false,
                );
                Said::assertSame(self::FILE, "~ nearer $hex: $name", array_map(self::edit(...), $edits));
            }
        }
    }

    /** @return list<StepCalculation> */
    private static function works(Recipe $recipe): array
    {
        return (new WorkOutSteps())->workOut(
            $recipe,
            Analysed::context()->climate,
            Analysed::context()->habits(Given::practices(), $recipe),
        );
    }

    private static function named(Material|Mixture|null $of): string
    {
        return $of instanceof Mixture
            ? implode(
                [] === array_filter($of->parts, static fn (Part $p): bool => $p->of instanceof Mixture) ? ' + ' : ' | ',
                array_map(
                    static fn (Part $p): string => $p->of instanceof Mixture ? self::named($p->of) : self::named($p->of).':'.$p->share,
                    $of->parts,
                ),
            )
            : $of->id ?? 'nothing';
    }

    private static function edit(Edit $edit): string
    {
        return Said::line($edit);
    }
}
