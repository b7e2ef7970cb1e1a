<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\RecipeDocument;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Findings\AnalyseRecipe;
use Inlaid\Core\Findings\CheckRecipe;
use Inlaid\Core\Prep\PrepLine;
use Inlaid\Core\Prep\ProposePrep;

/**
 * Adds suggested preparation to a recipe, some lines or all: each goes where its work belongs. Nothing is stored.
 */
final readonly class AddPreparation
{
    public function __construct(
        private AnalyseRecipe $analyse,
        private CheckRecipe $check,
        private ProposePrep $prep,
        private TryEdits $try,
    ) {
    }

    /**
     * @param list<string> $keys of the lines
     *
     * @throws InvalidInput if a key names no line, or there is none
     */
    public function add(RecipeDocument $before, array $keys, Context $context): FixResponse
    {
        $whole = $this->analyse->analyse($before->recipe, $context);
        $taken = $this->lines($this->prep->propose($whole, $this->check->check($whole)), $keys);

        return $this->try->on($before, array_map(static fn (PrepLine $l): Edit => Edit::insert($l->step, $l->before), $taken), $context);
    }

    /**
     * @param list<PrepLine> $proposed
     * @param list<string>   $keys
     *
     * @return non-empty-list<PrepLine> in the order of the work, whatever that of the keys
     *
     * @throws InvalidInput if a key names no line, or there is none
     */
    private function lines(array $proposed, array $keys): array
    {
        $known = array_map(static fn (PrepLine $l): string => $l->key, $proposed);
        foreach ($keys as $i => $key) {
            if (!\in_array($key, $known, true)) {
                throw InvalidInput::at("/take/$i", 'No longer suggested: the recipe has changed.');
            }
        }
        $taken = array_values(array_filter($proposed, static fn (PrepLine $l): bool => \in_array($l->key, $keys, true)));

        return [] === $taken ? throw InvalidInput::at('/take', 'Choose the lines to add.') : $taken;
    }
}
