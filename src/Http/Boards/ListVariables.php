<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\ReadBoard;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Boards\Data\BoardVariable;
use Inlaid\App\Http\Boards\Data\BoardVariables;
use Inlaid\App\Http\Boards\Data\LevelInWords;
use Inlaid\App\Http\Boards\Data\ListVariablesRequest;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\Core\Board\Choices;
use Inlaid\Core\Board\Variable;
use Inlaid\Core\Board\Variables;
use Inlaid\Core\Recipe\Step;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/board/variables', methods: 'POST')]
#[Describe('List the variables of a board', takes: ListVariablesRequest::class, gives: BoardVariables::class)]
final readonly class ListVariables
{
    public function __construct(private ReadBoard $read, private Variables $variables, private MaterialShelf $shelf)
    {
    }

    public function __invoke(ListVariablesRequest $asked): BoardVariables
    {
        $choices = $this->read->choices($asked->document->json, ...$this->shelf->all());
        $found = [];
        foreach ([null, ...$choices->recipe->steps] as $step) {
            foreach ($this->variables->all() as $thing) {
                if ($thing->suits($step)) {
                    $found[] = $this->thing($thing, $choices, $step);
                }
            }
        }

        return new BoardVariables($found);
    }

    private function thing(Variable $thing, Choices $choices, ?Step $step): BoardVariable
    {
        return new BoardVariable(
            thing: $thing->key(),
            name: $thing->name(),
            tells: $thing->tells(),
            step: $step?->id,
            standing: $thing->standing($choices, $step),
            options: array_map(
                static fn (string $level): LevelInWords => new LevelInWords($level, $thing->inWords($choices, $step, $level)),
                $thing->options($choices, $step),
            ),
            levels: $thing->levels($choices, $step),
        );
    }
}
