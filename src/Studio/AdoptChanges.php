<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\App\Exchange\Document\ApplyEdits;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\Entity\StoredRun;
use Inlaid\App\Store\NotFound;
use Inlaid\App\Store\RecipeBook;
use Inlaid\App\Store\VersionConflict;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Recipe\CompareRecipes;
use Inlaid\Core\Run\Deviation;

/**
 * Takes what was done otherwise in a job into the draft of its recipe.
 */
final readonly class AdoptChanges
{
    public function __construct(
        private RecipeBook $recipes,
        private ReportJob $made,
        private ReadRecipe $read,
        private ApplyEdits $apply,
        private CompareRecipes $compare,
    ) {
    }

    /**
     * @param list<string> $keys    of the deviations
     * @param int          $version of the draft that was looked at
     *
     * @throws NotFound        if the recipe is gone
     * @throws VersionConflict if the draft has changed meanwhile
     * @throws InvalidInput    if a change isn't in the job, or the recipe can't express it
     */
    public function adopt(StoredRun $run, array $keys, int $version): AdoptResponse
    {
        $recipe = $this->recipes->get($run->recipeId ?? throw NotFound::of('recipe', 'of this job'));
        $before = $this->read->document(Json::decode($recipe->draft->document));
        $document = Json::object($before->text);
        $after = $this->read->document($this->apply->apply(
            $document,
            $this->edits($this->made->compare($run)->deviations, $keys, array_keys($before->recipe->stepsById())),
            static fn (): array => [],
        ));
        $changes = $this->compare->compare($before->recipe, $after->recipe);
        if ($recipe->draft->version !== $version) {
            throw new VersionConflict($recipe->draft->version, $recipe->draft->document);
        }

        return new AdoptResponse(
            $recipe->id,
            [] === $changes ? $version : $this->recipes->saveDraft($recipe->id, $version, $after)->draft->version,
            $changes,
        );
    }

    /**
     * @param list<Deviation>  $deviations
     * @param list<string>     $keys
     * @param list<string|int> $steps      of the recipe as it is now
     *
     * @return list<Edit>
     */
    private function edits(array $deviations, array $keys, array $steps): array
    {
        $edits = [];
        foreach ($keys as $key) {
            $found = array_values(array_filter($deviations, static fn (Deviation $d): bool => $d->key === $key && $d->takes));
            if ([] === $found) {
                throw InvalidInput::at('/deviations', 'This change isn\'t in the job, or a recipe can\'t express it.');
            }
            foreach ($found[0]->edits() as $edit) {
                foreach (array_filter([$edit->step, $edit->before]) as $step) {
                    if (!\in_array($step, $steps, true)) {
                        throw InvalidInput::at('/deviations', \sprintf('The recipe no longer has the step “%s”.', $found[0]->name));
                    }
                }
                $edits[] = $edit;
            }
        }

        return $edits;
    }
}
