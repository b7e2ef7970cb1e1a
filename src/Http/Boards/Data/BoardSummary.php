<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Store\BoardCard;

/**
 * A board without its document: `card` says what is on it, `read` how many of its patches have been read, `chosen` the patch that is in the
 * recipe, `observed` the colours read, by patch.
 */
final readonly class BoardSummary
{
    /**
     * @param RawJson               $card     schema boardCard
     * @param array<string, string> $observed
     */
    public function __construct(
        public string $id,
        public string $title,
        public ?string $recipe,
        public ?string $recipeTitle,
        public RawJson $card,
        public int $read,
        public array $observed,
        public ?\DateTimeImmutable $appliedAt,
        public ?string $chosen,
        public bool $archived,
        public \DateTimeImmutable $updatedAt,
    ) {
    }
}
