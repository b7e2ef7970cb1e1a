<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\NextMove;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Findings\CheckRecipe;
use Inlaid\Core\Mixing\InvalidMix;
use Inlaid\Core\NextMove\ProposeMoves;
use Inlaid\Core\NextMove\SolveMix;
use Inlaid\Core\NextMove\WhereFromHere;
use Inlaid\Core\Recipe\DescribeStep;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Technique\Zone;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Made;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What to do next, and what a mix is to be for a colour: as moves.yaml has it.
 */
final class NextMoveWorkedOutTest extends TestCase
{
    private const FILE = __DIR__.'/moves.yaml';

    /**
     * @return iterable<string, array{string, array<mixed>, int, Zone, string, int|null, string|null}>
     */
    public static function mixes(): iterable
    {
        $wash = ['washed-wiped', ['platform-slate' => '1', 'water' => '3'], ['purpose' => 'broken-cover']];
        $jobs = [
            'thinned less for a darker wash' => [['steps' => [$wash]], 0, Zone::Field, '#8a8478', null, null],
            'thinned more for a paler wash' => [['steps' => [$wash]], 0, Zone::Field, '#d8c8aa', null, null],
            'more of the paint' => [['steps' => [$wash]], 0, Zone::Field, '#8a8478', 0, null],
            'no wash is that red' => [['steps' => [$wash]], 0, Zone::Field, '#c02020', null, null],
            'white and a little black' => [
                ['steps' => [['brushed', ['signal-cream' => '9', 'lamp-soot' => '1'], ['coats' => 2]]]],
                0,
                Zone::Field,
                '#b5ae9e',
                null,
                null,
            ],
            'a glaze, by its recesses' => [
                [
                    'steps' => [
                        ['brushed', 'engine-green'],
                        ['glazed-wiped', ['glazing-medium' => '5', 'lamp-soot' => '1'], ['purpose' => 'pores']],
                    ],
                ],
                1,
                Zone::Recess,
                '#141a18',
                null,
                null,
            ],
            'a lighter stain' => [
                ['steps' => [['stained-wiped', ['rain-grey-stain' => '1', 'water' => '1']]]],
                0,
                Zone::Field,
                '#c9bda6',
                null,
                'other',
            ],
        ];
        foreach ($jobs as $name => $job) {
            yield $name => [$name, ...$job];
        }
    }

    /**
     * @param array<mixed> $recipe
     */
    #[DataProvider('mixes')]
    public function testAMixIsSolvedForAColour(
        string $name,
        array $recipe,
        int $step,
        Zone $zone,
        string $colour,
        ?int $vary,
        ?string $place,
    ): void {
        $read = Analysed::recipe($recipe);
        $found = (new SolveMix(Given::practices()))->solve(
            recipe: $read,
            step: $read->steps[$step],
            zone: $zone,
            target: Colour::of($colour),
            context: Analysed::shop(),
            isOver: static fn (): bool => false,
            vary: $vary,
            place: $place,
        );
        Said::assertSame(self::FILE, $name, array_map(
            static fn (mixed $v): string => Said::line((object) ['is' => $v]),
            array_filter(get_object_vars($found), static fn (mixed $v): bool => null !== $v && [] !== $v),
        ));
    }

    public function testWhatCannotBeVariedIsRefused(): void
    {
        $wash = Analysed::recipe(['steps' => [
            ['washed-wiped', ['platform-slate' => '1', 'water' => '3'], ['parts' => ['whole']]],
            ['brushed', 'signal-cream'],
        ]]);
        foreach ([[0, 5, null, Zone::Field], [1, null, null, Zone::Field], [0, null, 'other', Zone::Field]] as $asked) {
            [$step, $vary, $place, $zone] = $asked;
            try {
                (new SolveMix(Given::practices()))->solve(
                    recipe: $wash,
                    step: $wash->steps[$step],
                    zone: $zone,
                    target: Colour::of('#808080'),
                    context: Analysed::shop(),
                    isOver: static fn (): bool => false,
                    vary: $vary,
                    place: $place,
                );
                self::fail('solved');
            } catch (InvalidMix $error) {
                Said::assertSame(
                    self::FILE,
                    "refused: step $step, part ".($vary ?? '–').', '.($place ?? 'anywhere').", $zone->value",
                    $error->getMessage(),
                );
            }
        }
    }

    /** Of a shelf: everything that can be tried, in the order of the shelf. */
    public function testEveryMoveOfAShelf(): void
    {
        $shelf = Analysed::shelf();
        $recipe = Made::recipe([]);
        $words = static fn (Step $s): string => $s->name().': '.implode(', ', (new DescribeStep())->facts($s, $recipe));
        foreach ([
            'a paint alone' => ['signal-cream'],
            'a paint and water' => ['signal-cream', 'water'],
            'a paint, an extender, water' => ['signal-cream', 'flow-extender', 'water'],
            'a paint and an extender' => ['signal-cream', 'flow-extender'],
            'a paint, water, a medium' => ['signal-cream', 'water', 'glazing-medium'],
            'a trim paint that bears little water' => ['engine-green', 'water'],
            'waxes, stain, powder' => ['clear-wax', 'dark-wax', 'rain-grey-stain', 'halt-ochre', 'number-gold'],
        ] as $name => $ids) {
            $moves = (new ProposeMoves())->moves(array_map(static fn (string $id) => $shelf[$id], $ids));
            Said::assertSame(self::FILE, $name, array_map($words, $moves));
        }
    }

    /**
     * @return iterable<string, array{string, array<mixed>, ?string, list<string>}>
     */
    public static function places(): iterable
    {
        $target = static fn (string $field): array => ['field' => $field];
        $jobs = [
            'nothing done yet' => [['steps' => [['brushed', 'signal-cream', ['coats' => 2]]], 'target' => $target('#5d6a72')], null],
            'painted cream, wanted slate' => [
                ['steps' => [['brushed', 'signal-cream', ['coats' => 2]]], 'target' => $target('#5d6a72')],
                's0',
            ],
            'painted cream, wanted cream' => [
                ['steps' => [['brushed', 'signal-cream', ['coats' => 2]]], 'target' => $target('#efe3c4')],
                's0',
            ],
            'painted slate, wanted a little paler' => [['steps' => [['brushed', 'platform-slate']], 'target' => $target('#8c969b')], 's0'],
        ];
        foreach ($jobs as $name => [$recipe, $done]) {
            yield $name => [$name, $recipe, $done, ['signal-cream', 'platform-slate', 'lamp-soot', 'water', 'glazing-medium', 'dark-wax']];
        }
    }

    /**
     * @param array<mixed> $recipe
     * @param list<string> $shelf
     */
    #[DataProvider('places')]
    public function testWhereToGoFromHere(string $name, array $recipe, ?string $done, array $shelf): void
    {
        $found = (new WhereFromHere(Given::practices(), Given::analyser(), new CheckRecipe(Given::rules())))->find(
            Analysed::recipe($recipe),
            $done,
            array_map(static fn (string $id) => Analysed::shelf()[$id], $shelf),
            Analysed::shop(),
            static fn (): bool => false,
            static fn (): bool => false,
        );
        Said::assertSame(self::FILE, $name, array_map(
            static fn (mixed $v): string => Said::line((object) ['is' => $v], ['technique', 'profile']),
            array_filter(get_object_vars($found), static fn (mixed $v): bool => null !== $v && [] !== $v),
        ));
    }
}
