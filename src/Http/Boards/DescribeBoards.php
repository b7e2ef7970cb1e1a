<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\UpcastRecipe;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Http\Boards\Data\BoardResponse;
use Inlaid\App\Http\Boards\Data\BoardSummary;
use Inlaid\App\Http\Boards\Data\ChosenPatch;
use Inlaid\App\Http\Boards\Data\ShareSummary;
use Inlaid\App\Store\Entity\StoredBoard;
use Inlaid\App\Store\RecipeBook;
use Inlaid\App\Store\ShareBook;
use Inlaid\App\Studio\PatchReading;
use Inlaid\App\Studio\ReadPatches;

/**
 * Describes boards as they are now.
 */
final readonly class DescribeBoards
{
    public function __construct(private ReadPatches $readings, private ShareBook $shares, private RecipeBook $recipes)
    {
    }

    public function one(StoredBoard $board): BoardResponse
    {
        return new BoardResponse(
            id: $board->id,
            version: $board->version,
            document: (new UpcastRecipe())->today($board->document),
            recipe: $board->recipeId,
            appliedAt: $board->laidAt,
            archived: null !== $board->archivedAt,
            readings: array_values($this->readings->of($board)),
            shares: array_map(ShareSummary::of(...), $this->shares->of($board)),
            chosen: $this->chosen($board),
        );
    }

    /**
     * @param list<StoredBoard> $boards
     *
     * @return list<BoardSummary>
     */
    public function summaries(array $boards): array
    {
        $titles = $this->recipes->titles(array_values(array_filter(array_map(
            static fn (StoredBoard $b): ?string => $b->recipeId,
            $boards,
        ))));

        return array_map(fn (StoredBoard $b): BoardSummary => $this->summary($b, $titles[$b->recipeId] ?? null), $boards);
    }

    private function summary(StoredBoard $board, ?string $recipeTitle): BoardSummary
    {
        $readings = $this->readings->of($board);
        $observed = array_map(static fn (PatchReading $r): ?string => $r->colour, $readings);

        return new BoardSummary(
            id: $board->id,
            title: $board->title,
            recipe: $board->recipeId,
            recipeTitle: $recipeTitle,
            card: new RawJson($board->card),
            read: \count($readings),
            observed: array_filter($observed),
            appliedAt: $board->laidAt,
            chosen: $this->chosen($board)?->patch,
            archived: null !== $board->archivedAt,
            updatedAt: $board->updatedAt,
        );
    }

    private function chosen(StoredBoard $board): ?ChosenPatch
    {
        return null === $board->chosen
            ? null
            : Node::read(
                Json::decode($board->chosen),
                static fn (Node $n): ChosenPatch => new ChosenPatch(
                    patch: $n->string('patch'),
                    reason: $n->text('reason'),
                    share: $n->has('share') ? $n->string('share') : null,
                    at: $n->string('at'),
                    changes: $n->list('changes', static fn (Node $c): string => $c->asString(2000)),
                ),
            );
    }
}
