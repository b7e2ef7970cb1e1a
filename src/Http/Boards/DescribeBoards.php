<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Store\BoardBook;
use Inlaid\App\Store\Entity\StoredBoard;
use Inlaid\App\Store\Entity\StoredReading;
use Inlaid\App\Store\PhotoLine;
use Inlaid\App\Store\RecipeBook;
use Inlaid\App\Store\ShareBook;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\ColourDifference;

/**
 * Describes boards as they are now.
 */
final readonly class DescribeBoards
{
    public function __construct(private BoardBook $boards, private ShareBook $shares, private RecipeBook $recipes)
    {
    }

    public function one(StoredBoard $board): BoardResponse
    {
        return new BoardResponse(
            $board->id,
            $board->version,
            new RawJson($board->document),
            $board->recipeId,
            $board->laidAt,
            null !== $board->archivedAt,
            array_values($this->readings($board)),
            array_map(ShareSummary::of(...), $this->shares->of($board)),
            $this->chosen($board),
        );
    }

    /**
     * @param list<StoredBoard> $boards
     *
     * @return list<BoardSummary>
     */
    public function summaries(array $boards): array
    {
        $titles = $this->recipes->titles(array_values(array_filter(array_map(static fn (StoredBoard $b): ?string => $b->recipeId, $boards))));

        return array_map(fn (StoredBoard $b): BoardSummary => $this->summary($b, $titles[$b->recipeId] ?? null), $boards);
    }

    private function summary(StoredBoard $board, ?string $recipeTitle): BoardSummary
    {
        $readings = $this->readings($board);
        $observed = array_map(static fn (PatchReading $r): ?string => $r->colour, $readings);

        return new BoardSummary(
            $board->id,
            $board->title,
            $board->recipeId,
            $recipeTitle,
            new RawJson($board->card),
            \count($readings),
            array_filter($observed),
            $board->laidAt,
            $this->chosen($board)?->patch,
            null !== $board->archivedAt,
            $board->updatedAt,
        );
    }

    /**
     * @return array<string, PatchReading> of the patches of which something was read
     */
    public function readings(StoredBoard $board): array
    {
        $photos = [];
        foreach ($this->boards->photos($board) as $photo) {
            $photos[$photo->patch][] = $photo;
        }
        $readings = $this->boards->readings($board);
        $target = $this->boards->card($board)->target ?? null;
        $target = \is_string($target) ? Colour::of($target) : null;
        $read = [];
        foreach (array_keys($readings + $photos) as $patch) {
            $read[$patch] = $this->reading($patch, $readings[$patch] ?? null, $photos[$patch] ?? [], $target);
        }
        ksort($read);

        return $read;
    }

    /**
     * @param list<PhotoLine> $photos
     */
    private function reading(string $patch, ?StoredReading $stored, array $photos, ?Colour $target): PatchReading
    {
        return Node::read(Json::decode($stored->document ?? '{}'), static function (Node $n) use ($patch, $photos, $target): PatchReading {
            $colour = $n->has('colour') ? $n->string('colour') : null;
            $text = static fn (string $name): ?string => $n->has($name) ? $n->string($name) : null;

            return new PatchReading(
                $patch,
                $colour,
                $text('how'),
                $text('photo'),
                $n->text('note'),
                $n->intOrNull('rating'),
                $photos,
                null === $colour || null === $target ? null : ColourDifference::between(Colour::of($colour), $target),
            );
        });
    }

    private function chosen(StoredBoard $board): ?Chosen
    {
        return null === $board->chosen
            ? null
            : Node::read(
                Json::decode($board->chosen),
                static fn (Node $n): Chosen => new Chosen(
                    $n->string('patch'),
                    $n->text('reason'),
                    $n->has('share') ? $n->string('share') : null,
                    $n->string('at'),
                    $n->list('changes', static fn (Node $c): string => $c->asString(2000)),
                ),
            );
    }
}
