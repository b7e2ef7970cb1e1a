<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Exchange\Document\ApplyEdits;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\NotFound;
use Inlaid\App\Store\RecipeBook;
use Inlaid\App\Store\RunBook;
use Inlaid\App\Store\VersionConflict;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Recipe\CompareRecipes;
use Inlaid\Core\Run\Deviation;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}/adopt', methods: 'POST')]
#[Describe(
    'Update the draft of the recipe with changes from plan; 409 if the draft has changed',
    takes: AdoptRequest::class,
    gives: AdoptResponse::class,
)]
final readonly class AdoptChanges
{
    public function __construct(
        private RunBook $runs,
        private RecipeBook $recipes,
        private ReportJob $made,
        private ReadRecipe $read,
        private ApplyEdits $apply,
        private CompareRecipes $compare,
    ) {
    }

    public function __invoke(string $id, Body $body): AdoptResponse
    {
        [$keys, $version] = $body->read(static fn (Node $n): array => [
            $n->fields('deviations', 'version')->list('deviations', static fn (Node $k): string => $k->asString(90), 200),
            $n->int('version'),
        ]);
        $run = $this->runs->get($id);
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
                    \in_array($step, $steps, true)
                        || throw InvalidInput::at('/deviations', \sprintf('The recipe no longer has the step “%s”.', $found[0]->name));
                }
                $edits[] = $edit;
            }
        }

        return $edits;
    }
}
