<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\App\Exchange\Document\ApplyEdits;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Document\RecipeDocument;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Preview\PreviewRecipe;
use Inlaid\Core\Recipe\CompareRecipes;

/**
 * What a recipe would be after some edits, worked out; nothing is stored.
 */
final readonly class TryEdits
{
    public function __construct(
        private ReadRecipe $read,
        private PreviewRecipe $preview,
        private ApplyEdits $apply,
        private MaterialShelf $shelf,
        private CompareRecipes $compare,
    ) {
    }

    /**
     * @param list<Edit> $edits
     *
     * @throws InvalidInput if the shelf has nothing that a new step needs
     */
    public function on(RecipeDocument $before, array $edits, Context $context): FixResponse
    {
        $after = $this->document($before, $edits);

        return new FixResponse(
            new RawJson($after->text),
            $this->preview->preview($after->recipe, $context),
            $this->compare->compare($before->recipe, $after->recipe),
        );
    }

    /**
     * @param list<Edit>                   $edits
     * @param array<string, Material>|null $shelf where it was read before
     *
     * @throws InvalidInput if the shelf has nothing that a new step needs
     */
    public function document(RecipeDocument $before, array $edits, ?array $shelf = null): RecipeDocument
    {
        $all = null === $shelf ? $this->shelf->all(...) : static fn (): array => $shelf;

        return $this->read->document($this->apply->apply(Json::object($before->text), $edits, $all), '/document');
    }
}
