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
use Inlaid\App\Store\RunBook;
use Inlaid\App\Store\VersionConflict;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\EditKind;
use Inlaid\Core\Findings\AnalyseRecipe;
use Inlaid\Core\Findings\CheckRecipe;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Recipe\CompareRecipes;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Run\Deviation;

/**
 * Takes what was done otherwise in a job into the draft of its recipe.
 */
final readonly class AdoptChanges
{
    public function __construct(
        private RecipeBook $recipes,
        private RunBook $runs,
        private ReportJob $made,
        private ReadRecipe $read,
        private ApplyEdits $apply,
        private CompareRecipes $compare,
        private StudioContext $context,
        private AnalyseRecipe $analyse,
        private CheckRecipe $check,
    ) {
    }

    /**
     * @param list<string> $keys    of the deviations
     * @param int          $version of the draft that was looked at
     * @param bool         $try     whether it is only to be seen
     *
     * @throws NotFound        if the recipe is gone
     * @throws VersionConflict if the draft has changed meanwhile
     * @throws InvalidInput    if a change isn't in the job, or the recipe can't express it
     */
    public function adopt(StoredRun $run, array $keys, int $version, bool $try = false): AdoptResponse
    {
        $recipe = $this->recipes->get($run->recipeId ?? throw NotFound::of('recipe', 'of this job'));
        $before = $this->read->document(Json::decode($recipe->draft->document));
        $document = Json::object($before->text);
        $made = Json::object($this->runs->document($run, $this->runs->state($run))->text);
        $after = $this->read->document($this->apply->apply(
            $document,
            $this->edits(
                deviations: $this->made->compare($run)->deviations,
                keys: $keys,
                steps: array_keys($before->recipe->stepsById()),
                made: $made,
            ),
            static fn (): array => [],
        ));
        $changes = $this->compare->compare($before->recipe, $after->recipe);
        if ($recipe->draft->version !== $version) {
            throw new VersionConflict($recipe->draft->version, $recipe->draft->document);
        }

        return new AdoptResponse(
            recipe: $recipe->id,
            version: $try || [] === $changes ? $version : $this->recipes->saveDraft($recipe->id, $version, $after)->draft->version,
            changes: $changes,
            findings: $this->brought($before->recipe, $after->recipe),
        );
    }

    /** An improvised step as it became, with all the materials and mixes of the job: those it does not use are left out later. */
    private static function asMade(\stdClass $made, string $id): string
    {
        $steps = array_values(array_filter(Json::objects($made, 'steps'), static fn (\stdClass $s): bool => $s->id === $id));

        return Json::encode(['step' => $steps[0] ?? null, 'materials' => $made->materials, 'mixes' => $made->mixes]);
    }

    /**
     * What is found after it that was not found before.
     *
     * @return list<Finding>
     */
    private function brought(Recipe $before, Recipe $after): array
    {
        $context = $this->context->own();
        $found = fn (Recipe $of): array => $this->check->check($this->analyse->analyse($of, $context));

        return Finding::brought($found($after), $found($before));
    }

    /**
     * @param list<Deviation>  $deviations
     * @param list<string>     $keys
     * @param list<string|int> $steps      of the recipe as it is now
     * @param \stdClass        $made       what was made
     *
     * @return list<Edit>
     */
    private function edits(array $deviations, array $keys, array $steps, \stdClass $made): array
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
                $edits[] = EditKind::Improvise === $edit->do ? Edit::improvise(self::asMade($made, $found[0]->step), $edit->before) : $edit;
            }
        }

        return $edits;
    }
}
