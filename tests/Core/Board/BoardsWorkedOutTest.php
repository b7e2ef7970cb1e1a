<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Board;

use Inlaid\App\Exchange\Catalogue\LoadSpecies;
use Inlaid\App\Exchange\Document\BoardDocument;
use Inlaid\App\Exchange\Document\ReadBoard;
use Inlaid\App\Exchange\Document\ReadPiece;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Json;
use Inlaid\Core\Board\Cell;
use Inlaid\Core\Board\Choices;
use Inlaid\Core\Board\Difference;
use Inlaid\Core\Board\DiffPatches;
use Inlaid\Core\Board\Patch;
use Inlaid\Core\Board\Variable;
use Inlaid\Core\BoardPlan\PreviewBoard;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\ValidationError;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Boards, worked out: what can be varied and how far, and whole boards with their patches, rounds, pots and remarks (boards.yaml).
 */
final class BoardsWorkedOutTest extends TestCase
{
    private const FILE = __DIR__.'/boards.yaml';

    /**
     * @return iterable<string, array{Variable}>
     */
    public static function variables(): iterable
    {
        foreach (Given::variables()->all() as $variable) {
            yield $variable->key() => [$variable];
        }
    }

    /** In every step of a board, and in the board as a whole: what it offers, what it stands at, how that is told and what it changes. */
    #[DataProvider('variables')]
    public function testWhatCanBeVaried(Variable $variable): void
    {
        $choices = self::board([])->choices;
        $told = ['name' => $variable->name(), 'tells' => $variable->tells()];
        foreach ([null, ...$choices->recipe->steps] as $step) {
            if ($variable->suits($step)) {
                $told[$step->id ?? 'the board'] = self::told($variable, $choices, $step);
            }
        }
        Said::assertSame(self::FILE, $variable->key(), $told);
    }

    /**
     * @return iterable<string, array{string, array<string, mixed>}>
     */
    public static function boards(): iterable
    {
        $axis = static fn (string $thing, string $step, string ...$levels): array => array_filter(
            ['thing' => $thing, 'step' => $step, 'levels' => array_values($levels)],
            static fn (mixed $v): bool => '' !== $v,
        );
        $boards = [
            'dwell against grit' => [],
            'one row, two hands' => ['own' => null, 'rows' => null, 'hands' => 'two'],
            'coats, lay and wipe timed' => [
                'columns' => $axis('coats', 's4', '1', '2', '3'),
                'own' => null,
                'rows' => null,
                'lay' => 3,
                'wipe' => 2,
            ],
            'how strong the mix' => [
                'columns' => $axis('colour-fraction', 's4', '1/5', '1/3', '1/2'),
                'rows' => $axis('film', 's3', 'thin', 'heavy'),
            ],
            'left out or not, in two orders' => [
                'columns' => $axis('done', 's3', 'done', 'left-out'),
                'rows' => $axis('order', 's4', 'last', 's3'),
            ],
            'three woods, three materials' => [
                'columns' => $axis('wood', '', 'birch', 'oak', 'pine'),
                'rows' => $axis('laid', 's3', 'tunnel-mist', 'platform-slate'),
            ],
            'wiped and by which technique' => [
                'columns' => $axis('left', 's4', '0', '40', '100'),
                'rows' => $axis('technique', 's3', 'washed-wiped', 'brushed'),
            ],
            'nobody will see a difference' => [
                'columns' => $axis('dwell', 's4', '4', '5'),
                'own' => null,
                'rows' => null,
                'width' => 40,
                'height' => 50,
            ],
        ];
        foreach ($boards as $name => $with) {
            yield $name => [$name, $with];
        }
    }

    /**
     * @param array<string, mixed> $with
     */
    #[DataProvider('boards')]
    public function testABoardIsWorkedOutAsItWas(string $name, array $with): void
    {
        $preview = (new PreviewBoard(Given::practices()))->preview(self::board($with)->board, Analysed::shop());
        $told = [];
        foreach (get_object_vars($preview) as $what => $value) {
            $told[$what] = \is_array($value)
                ? array_map(static fn (mixed $v): string => \is_object($v) ? Said::line($v, ['look', 'layers']) : (string) $v, $value)
                : Said::line((object) ['is' => $value]);
        }
        Said::assertSame(self::FILE, "board: $name", $told);
    }

    /** What two patches differ in, as it is told; patches that are done alike have the same signature. */
    public function testWhatPatchesDifferIn(): void
    {
        $diff = new DiffPatches();
        $patches = self::board(
            [
                'columns' => ['thing' => 'dwell', 'step' => 's4', 'levels' => ['2', '4']],
                'rows' => ['thing' => 'coats', 'step' => 's4', 'levels' => ['1', '2']],
            ],
        )->board->patches;
        $told = [];
        foreach ($patches as $one) {
            foreach ($patches as $other) {
                self::assertSame($one === $other, $diff->signature($one->recipe) === $diff->signature($other->recipe));
                $told[$one->cell->label.' '.$other->cell->label] = implode('; ', array_map(
                    static fn (Difference $d): string => $d->inWords(),
                    $diff->between($one->recipe, $other->recipe),
                ));
            }
        }
        Said::assertSame(self::FILE, 'differences', $told);
        $cells = array_map(static fn (Patch $p): Cell => $p->cell, $patches);
        self::assertSame(['A1', 'B1', 'A2', 'B2'], array_map(static fn (Cell $c): string => $c->label, $cells));
        $beside = array_map(static fn (Patch $p): bool => $patches[0]->isBeside($p), $patches);
        self::assertSame([false, true, true, false], $beside, 'beside and below, but not across the corner');
    }

    /**
     * @return array<string, mixed>
     */
    private static function told(Variable $variable, Choices $choices, ?Step $step): array
    {
        $levels = [...$variable->levels($choices, $step), '0', '-1', '1/1001', 'nonsense', '99999'];

        return [
            'options' => implode(', ', $variable->options($choices, $step)),
            'levels' => implode(', ', $variable->levels($choices, $step)),
            'standing' => $variable->standing($choices, $step),
            'each' => array_map(static function (string $level) use ($variable, $choices, $step): string {
                try {
                    return "$level: ".$variable->inWords($choices, $step, $level).' '.implode(' ', array_map(
                        static fn (Edit $e): string => Said::line($e),
                        $variable->edits($choices, $step, $level),
                    ));
                } catch (ValidationError $error) {
                    return "$level: ".$error->getMessage();
                }
            }, $levels),
        ];
    }

    /**
     * The ticket rack's board, with something else.
     *
     * @param array<string, mixed> $with
     */
    private static function board(array $with): BoardDocument
    {
        $root = \dirname(__DIR__, 3);
        $document = Json::object((string) file_get_contents("$root/tests/Exchange/golden/board-1.json"));
        foreach (get_object_vars(Json::object(Json::encode((object) $with))) as $key => $value) {
            $document->{$key} = $value;
        }
        $read = new ReadRecipe(Given::techniques(), Given::practices(), new ReadPiece(Given::shapes()));

        return (new ReadBoard($read, Given::variables(), new LoadSpecies($root), Given::techniques()))->read($document);
    }
}
