<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

use Inlaid\App\Exchange\Catalogue\LoadSpecies;
use Inlaid\App\Exchange\Json;
use Inlaid\Core\Board\Axis;
use Inlaid\Core\Board\Board;
use Inlaid\Core\Board\Cell;
use Inlaid\Core\Board\Choices;
use Inlaid\Core\Board\Hands;
use Inlaid\Core\Board\InvalidBoard;
use Inlaid\Core\Board\LayOut;
use Inlaid\Core\Board\OwnChange;
use Inlaid\Core\Board\Patch;
use Inlaid\Core\Board\Variables;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Piece\Species;
use Inlaid\Core\Recipe\InvalidRecipe;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Technique\Techniques;

/**
 * Reads a board document, as `docs/formats/board.schema.json` defines it: a recipe on one patch, and what rows and columns do otherwise.
 * Every
 * patch becomes a recipe of its own.
 */
final readonly class ReadBoard
{
    public const FORMAT = 'inlaid-board';
    public const VERSION = 1;
    private const MOST_OWN = 40;

    public function __construct(
        private ReadRecipe $recipe,
        private Variables $variables,
        private LoadSpecies $species,
        private Techniques $techniques,
        private LayOut $layOut = new LayOut(),
        private ApplyEdits $apply = new ApplyEdits(),
        private ReadMaterial $material = new ReadMaterial(),
    ) {
    }

    /**
     * @param mixed $json as json_decode gives it, objects as objects
     *
     * @throws InvalidInput with every violation found
     */
    public function read(mixed $json, string $pointer = ''): BoardDocument
    {
        return Node::read($json, function (Node $n) use ($json): BoardDocument {
            $n->fields(
                'format',
                'version',
                'title',
                'from',
                'recipe',
                'width',
                'height',
                'columns',
                'rows',
                'own',
                'hands',
                'lay',
                'wipe',
                'target',
            );
            if (self::FORMAT !== $n->string('format')) {
                $n->refuse('format', 'This isn\'t a board document.');
            }
            if (self::VERSION !== $n->int('version')) {
                $n->refuse('version', 'This board is from a newer version of Inlaid Recipe.');
            }
            $title = $n->string('title', 120);
            $base = $this->recipe->document($n->child('recipe')->raw(), $n->pointer.'/recipe');
            if (1 !== \count($base->recipe->piece->parts)) {
                $n->refuse('recipe', 'A board has exactly one part: its patch.');
            }
            $choices = new Choices(
                recipe: $base->recipe,
                materials: $this->materials($n->child('recipe')),
                woods: $this->woods(),
                techniques: $this->techniques,
            );
            [$columns, $rows] = [
                $this->axis($n->child('columns'), $choices),
                $n->has('rows') ? $this->axis($n->child('rows'), $choices) : null,
            ];
            $own = $n->has('own') ? $n->list('own', fn (Node $o): OwnChange => $this->own($o, $choices), self::MOST_OWN) : [];
            $cells = $n->make(fn (): array => $this->layOut->cells($columns, $rows, $own), 'columns');
            $document = Json::object($base->text);
            $patches = array_map(fn (Cell $c): Patch => new Patch($c, $this->patch($n, $c, $document)), $cells);
            $target = $n->childOrNull('target');
            $colour = null === $target
                ? null
                : $target->fields('colour', 'name')->make(static fn (): Colour => Colour::of($target->string('colour')), 'colour');
            $target?->text('name', 120);
            $from = $n->childOrNull('from')?->fields('recipe', 'title');
            $from?->text('title', 120);
            $board = $n->make(
                static fn (): Board => Board::of(
                    title: $title,
                    width: $n->int('width'),
                    height: $n->int('height'),
                    columns: $columns,
                    rows: $rows,
                    patches: $patches,
                    hands: $n->enumOrNull('hands', Hands::class) ?? Hands::One,
                    lay: $n->intOrNull('lay'),
                    wipe: $n->intOrNull('wipe'),
                    target: $colour,
                ),
                'width',
            );

            return new BoardDocument(text: Json::encode($json), board: $board, choices: $choices, recipeId: $from?->id('recipe'));
        }, $pointer);
    }

    /**
     * What a board of this recipe can choose from.
     *
     * @param mixed $recipe a recipe document
     *
     * @throws InvalidInput
     */
    public function choices(mixed $recipe, Material ...$shelf): Choices
    {
        $own = Node::read($recipe, $this->materials(...));

        return new Choices(
            recipe: $this->recipe->read($recipe),
            materials: $own + array_column(array_map(static fn (Material $m): array => [$m->id, $m], $shelf), 1, 0),
            woods: $this->woods(),
            techniques: $this->techniques,
        );
    }

    /**
     * @return array<string, Species> by name
     */
    private function woods(): array
    {
        return array_column(array_map(static fn (Species $s): array => [$s->name, $s], $this->species->load()), 1, 0);
    }

    /**
     * @return array<string, Material> by id
     */
    private function materials(Node $recipe): array
    {
        return array_column(
            array_map(static fn (Material $m): array => [$m->id, $m], $recipe->list('materials', $this->material->read(...))),
            1,
            0,
        );
    }

    private function axis(Node $n, Choices $choices): Axis
    {
        $n->fields('thing', 'step', 'levels');
        $levels = $n->list('levels', static fn (Node $l): string => $l->asString(64), Axis::MOST);

        return $n->make(
            fn (): Axis => Axis::of(
                thing: $this->variables->named($n->string('thing', 40)),
                step: $this->step($n, $choices),
                levels: $levels,
                choices: $choices,
            ),
            'levels',
        );
    }

    private function own(Node $n, Choices $choices): OwnChange
    {
        $n->fields('patch', 'thing', 'step', 'level');

        return $n->make(
            fn (): OwnChange => new OwnChange(
                $n->string('patch', 10),
                Axis::of(
                    thing: $this->variables->named($n->string('thing', 40)),
                    step: $this->step($n, $choices),
                    levels: [$n->string('level', 64)],
                    choices: $choices,
                ),
            ),
            'level',
        );
    }

    private function step(Node $n, Choices $choices): ?Step
    {
        if (!$n->has('step')) {
            return null;
        }

        return $choices->recipe->stepsById()[$n->id('step')] ?? $n->refuse(
            'step',
            InvalidRecipe::missing('step', $n->id('step'))->getMessage(),
        );
    }

    /**
     * The recipe of one patch.
     */
    private function patch(Node $n, Cell $cell, \stdClass $base): Recipe
    {
        try {
            $recipe = $this->recipe->read($this->apply->apply($base, $cell->edits, static fn (): array => []));

            return [] === $recipe->steps ? throw InvalidBoard::nothingOnIt() : $recipe;
        } catch (InvalidInput|InvalidBoard $refused) {
            $n->refuse('columns', \sprintf('Patch %s: %s', $cell->label, $refused->getMessage()));
        }
    }
}
