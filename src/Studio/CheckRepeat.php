<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadMaterial;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\CalculateLook;
use Inlaid\App\Store\Entity\StoredRun;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\App\Store\NotFound;
use Inlaid\App\Store\RecipeBook;
use Inlaid\App\Store\RunBook;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Preview\PreviewRecipe;
use Inlaid\Core\Recipe\Change;
use Inlaid\Core\Recipe\CompareRecipes;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Run\Event;
use Inlaid\Core\Run\RunState;

/**
 * Looks what has changed since a job, for whoever wants the same result again.
 */
final readonly class CheckRepeat
{
    public function __construct(
        private RunBook $runs,
        private RecipeBook $recipes,
        private MaterialShelf $shelf,
        private ReadRecipe $read,
        private StudioContext $context,
        private CompareRecipes $compare,
        private PreviewRecipe $preview,
        private CalculateLook $look,
    ) {
    }

    public function check(StoredRun $run): RepeatCheck
    {
        $then = $this->runs->planned($run);
        $now = $this->now($run) ?? $then;
        $context = $this->context->own();
        $state = $this->runs->state($run);

        return new RepeatCheck(
            lesson: $run->lesson,
            recipe: $this->compare->compare($then, $now),
            materials: $this->materials($run),
            air: $this->air($state, $run, $context),
            pots: $this->pots($now, $context),
            looked: array_values(array_filter(array_map(static fn (Event $e): ?string => $e->colour?->hex, $state->notes))),
            expected: array_values(array_map(static fn (Colour $c): string => $c->hex, $this->look->calculate($then))),
        );
    }

    /** The recipe as it stands in the book. */
    private function now(StoredRun $run): ?Recipe
    {
        try {
            return null === $run->recipeId ? null : $this->read->read(Json::decode($this->recipes->get($run->recipeId)->draft->document));
        } catch (NotFound) {
            return null;
        }
    }

    /**
     * Of the materials of the run, what the shelf says otherwise by now.
     *
     * @return list<string>
     */
    private function materials(StoredRun $run): array
    {
        $shelf = $this->shelf->byId();
        $said = [];
        foreach (Json::objects((object) Json::decode($run->document), 'materials') as $json) {
            $then = Node::read($json, (new ReadMaterial())->read(...));
            $now = $shelf[$then->id] ?? null;
            if (null === $now) {
                $said[] = "$then->name is no longer on the shelf.";
            } elseif ($now->version !== $then->version) {
                array_push($said, ...array_map(static fn (Change $c): string => $c->text, $this->compare->material($then, $now)));
            }
        }

        return $said;
    }

    private function air(RunState $state, StoredRun $run, Context $context): ?string
    {
        if ([] === $state->air) {
            return null;
        }
        $mean = static fn (array $of): float => array_sum($of) / max(1, \count($of));
        $t = $mean(array_map(static fn (array $a): float => $a[1]->temperature, $state->air));
        $h = $mean(array_map(static fn (array $a): float => $a[1]->humidity, $state->air));
        $now = $context->air($run->place)->noon();

        return \sprintf(
            'Then %s °C, %s %%. Now %s °C, %s %%.',
            ExactNumber::plain($t, 1),
            ExactNumber::plain($h, 0),
            ExactNumber::plain($now->temperature, 1),
            ExactNumber::plain($now->humidity, 0),
        );
    }

    /**
     * @return list<PotInStock>
     */
    private function pots(Recipe $recipe, Context $context): array
    {
        $pots = [];
        foreach ($this->preview->preview($recipe, $context)->steps as $step) {
            foreach ($step->pour->pots ?? [] as $pot) {
                $pots[] = new PotInStock(id: $pot->id, name: $pot->name, holds: $pot->holds->text, step: $step->name);
            }
        }

        return $pots;
    }
}
