<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes\Data;

use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Store\Entity\StoredRecipe;

/**
 * A recipe in a list.
 */
final readonly class RecipeSummary
{
    /**
     * @param int                     $head    number of the newest revision, 0 before the first
     * @param bool                    $changed the draft differs from it
     * @param RawJson                 $card    schema card
     * @param \DateTimeImmutable|null $usedAt  when the last job with it was begun
     */
    public function __construct(
        public string $id,
        public string $title,
        public int $head,
        public bool $changed,
        public bool $archived,
        public \DateTimeImmutable $updatedAt,
        public RawJson $card,
        public ?\DateTimeImmutable $usedAt,
    ) {
    }

    public static function of(StoredRecipe $r, bool $changed, ?\DateTimeImmutable $usedAt): self
    {
        return new self(
            id: $r->id,
            title: $r->title,
            head: $r->head,
            changed: $changed,
            archived: null !== $r->archivedAt,
            updatedAt: $r->updatedAt,
            card: new RawJson($r->card),
            usedAt: $usedAt,
        );
    }
}
