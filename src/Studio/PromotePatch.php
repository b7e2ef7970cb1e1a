<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Exchange\Document\ApplyEdits;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\ReadBoard;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Document\WriteMaterial;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\BoardBook;
use Inlaid\App\Store\Entity\StoredBoard;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\App\Store\NotFound;
use Inlaid\App\Store\RecipeBook;
use Inlaid\App\Store\VersionConflict;
use Inlaid\Core\Board\Choices;
use Inlaid\Core\Board\InvalidBoard;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\EditKind;
use Inlaid\Core\Edit\StepField;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Recipe\Change;
use Inlaid\Core\Recipe\CompareRecipes;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;

/**
 * Takes a chosen patch into the draft of its recipe: what the patch did otherwise, and nothing else. It can be taken back as long as the
 * draft stays as it is.
 */
final readonly class PromotePatch
{
    public function __construct(
        private EntityManagerInterface $em,
        private BoardBook $boards,
        private RecipeBook $book,
        private MaterialShelf $shelf,
        private ReadBoard $readBoard,
        private ReadRecipe $readRecipe,
        private ApplyEdits $apply,
        private CompareRecipes $compare,
        private WriteMaterial $write = new WriteMaterial(),
    ) {
    }

    /**
     * What would be; nothing is stored.
     *
     * @throws NotFound     if the board or its recipe is not there
     * @throws InvalidBoard if there is no such patch
     * @throws InvalidInput if the recipe has moved on too far
     */
    public function look(string $boardId, string $patch): PatchPromoted
    {
        $board = $this->boards->get($boardId);
        $recipe = $this->book->get($board->recipeId ?? throw NotFound::of('recipe', 'of this board'));
        $read = $this->readBoard->read(Json::decode($board->document));
        $edits = $read->board->patch($patch)->cell->edits;
        $before = $this->readRecipe->document(Json::decode($recipe->draft->document));
        $ground = array_filter($edits, static fn (Edit $e): bool => EditKind::Ground === $e->do);
        $edits = array_map(
            fn (Edit $e): Edit => $this->forWhole($e, $before->recipe, $read->choices->recipe),
            array_values(array_diff_key($edits, $ground)),
        );

        $document = Json::object($before->text);
        $this->bring($document, $edits, $read->choices);
        $after = $this->readRecipe->document($this->apply->apply($document, $edits, $this->shelf->all(...)));

        return new PatchPromoted(
            recipe: $recipe,
            document: $after,
            changes: $this->compare->compare($before->recipe, $after->recipe),
            leftBehind: [] === $ground ? [] : ['Wood: the piece keeps its own wood. Test the patch on it first.'],
        );
    }

    /**
     * @param int $version of the draft that was looked at
     *
     * @throws NotFound
     * @throws InvalidBoard
     * @throws InvalidInput    if another patch of the board is in the recipe, or the recipe has moved on too far
     * @throws VersionConflict if the draft has moved on
     */
    public function promote(string $boardId, string $patch, string $reason, int $version, ?string $share): PatchPromoted
    {
        return $this->em->wrapInTransaction(function () use ($boardId, $patch, $reason, $version, $share): PatchPromoted {
            $board = $this->boards->get($boardId);
            if (null !== $board->chosen) {
                throw InvalidInput::at('/patch', 'A patch of this board is already applied. Undo that first.');
            }
            $found = $this->look($boardId, $patch);
            $before = $found->recipe->draft->document;
            $after = [] === $found->changes
                ? $version
                : $this->book->saveDraft($found->recipe->id, $version, $found->document)->draft->version;
            $board->draftBefore = $before;
            $board->chosen = Json::encode([
                'patch' => $patch,
                'reason' => $reason,
                'share' => $share,
                'at' => new \DateTimeImmutable(),
                'version' => $after,
                'changes' => array_map(static fn (Change $c): string => $c->text, $found->changes),
            ]);
            $board->updatedAt = new \DateTimeImmutable();

            return $found;
        });
    }

    /**
     * @throws NotFound
     * @throws InvalidInput if nothing was chosen, or the draft is no longer what it was then
     */
    public function takeBack(string $boardId): StoredBoard
    {
        return $this->em->wrapInTransaction(function () use ($boardId): StoredBoard {
            $board = $this->boards->get($boardId);
            $chosen = null === $board->chosen ? null : Json::decode($board->chosen);
            if (!$chosen instanceof \stdClass || null === $board->draftBefore || null === $board->recipeId) {
                throw InvalidInput::at('', 'No patch of this board is applied to the recipe.');
            }
            $draft = $this->book->get($board->recipeId)->draft;
            if ($draft->document !== $board->draftBefore) {
                if ($draft->version !== $chosen->version) {
                    throw InvalidInput::at('', 'The recipe has changed since. Edit it in Section, where you can undo.');
                }
                $this->book->saveDraft($board->recipeId, $draft->version, $this->readRecipe->document(Json::decode($board->draftBefore)));
            }
            $board->chosen = $board->draftBefore = null;

            return $board;
        });
    }

    /**
     * A change of a patch as one of the whole recipe, which has more steps and may have moved on.
     *
     * @throws InvalidInput if it has no such step, or another mix in it
     */
    private function forWhole(Edit $edit, Recipe $whole, Recipe $onBoard): Edit
    {
        [$steps, $own] = [$whole->stepsById(), $onBoard->stepsById()];
        foreach (array_filter([$edit->step, $edit->before]) as $id) {
            if (!isset($steps[$id])) {
                throw InvalidInput::at('/patch', \sprintf('The recipe no longer has the step “%s”.', ($own[$id] ?? null)?->name() ?? $id));
            }
        }
        if (
            EditKind::Shares === $edit->do
            && self::parts($steps[$edit->step ?? ''] ?? null) !== self::parts($own[$edit->step ?? ''] ?? null)
        ) {
            throw InvalidInput::at('/patch', \sprintf('The mix of “%s” has changed since the board.', $steps[$edit->step ?? '']->name()));
        }
        if (EditKind::Move !== $edit->do || null !== $edit->before || null === $edit->step) {
            return $edit;
        }
        $ids = array_keys($steps);
        $last = max(
            -1,
            ...array_map(
                static fn (string|int $id): int => $id === $edit->step ? -1 : (int) array_search($id, $ids, true),
                array_keys($own),
            ),
        );

        return Edit::move($edit->step, isset($ids[$last + 1]) ? (string) $ids[$last + 1] : null);
    }

    /**
     * @return list<string> what is in its mix
     */
    private static function parts(?Step $step): array
    {
        return array_map(static fn (Part $p): string => $p->of->name, $step?->uses instanceof Mixture ? $step->uses->parts : []);
    }

    /**
     * Copies what the patch is laid with, and the recipe does not have, into the recipe's materials.
     *
     * @param list<Edit> $edits
     */
    private function bring(\stdClass $document, array $edits, Choices $choices): void
    {
        $materials = \is_array($document->materials ?? null) ? $document->materials : [];
        $known = array_map(static fn (mixed $m): mixed => $m instanceof \stdClass ? $m->id : null, $materials);
        foreach (array_merge(...array_map(static fn (Edit $e): array => $e->changes, $edits)) as $change) {
            if (StepField::Material === $change->field && \is_string($change->value) && !\in_array($change->value, $known, true)) {
                $materials[] = $this->write->write($choices->materials[$change->value]);
            }
        }
        $document->materials = $materials;
    }
}
