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
     * @param int     $head    number of the newest revision, 0 before the first
     * @param bool    $changed the draft differs from it
     * @param RawJson $card    schema card
     */
    public function __construct(
        public string $id,
        public string $title,
        public int $head,
        public bool $changed,
        public bool $archived,
        public \DateTimeImmutable $updatedAt,
        public RawJson $card,
    ) {
    }

    public static function of(StoredRecipe $r, bool $changed): self
    {
        return new self($r->id, $r->title, $r->head, $changed, null !== $r->archivedAt, $r->updatedAt, new RawJson($r->card));
    }
}
