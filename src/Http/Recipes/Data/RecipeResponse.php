<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes\Data;

use Inlaid\App\Exchange\Document\UpcastRecipe;
use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Store\Entity\StoredRecipe;

/**
 * A recipe with its draft and the list of its revisions, the newest first.
 */
final readonly class RecipeResponse
{
    /**
     * @param RawJson               $document  schema recipe
     * @param int                   $version   of the draft: send it back when saving
     * @param list<RevisionSummary> $revisions
     */
    public function __construct(
        public string $id,
        public RawJson $document,
        public int $version,
        public int $base,
        public bool $archived,
        public \DateTimeImmutable $savedAt,
        public array $revisions,
    ) {
    }

    public static function of(StoredRecipe $r): self
    {
        return new self(
            id: $r->id,
            document: (new UpcastRecipe())->today($r->draft->document),
            version: $r->draft->version,
            base: $r->draft->base,
            archived: null !== $r->archivedAt,
            savedAt: $r->draft->savedAt,
            revisions: array_values($r->revisions->map(RevisionSummary::of(...))->toArray()),
        );
    }
}
