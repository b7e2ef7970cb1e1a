<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

use Inlaid\App\Studio\PatchPromoted;
use Inlaid\Core\Recipe\Change;

/**
 * What becomes of a recipe when a patch is taken into it: `version` of the draft it is reckoned from.
 */
final readonly class Promotion
{
    /**
     * @param list<Change> $changes
     * @param list<string> $leftBehind
     */
    public function __construct(
        public string $recipe,
        public string $title,
        public int $version,
        public array $changes,
        public array $leftBehind,
    ) {
    }

    public static function of(PatchPromoted $p): self
    {
        return new self(
            recipe: $p->recipe->id,
            title: $p->recipe->title,
            version: $p->recipe->draft->version,
            changes: $p->changes,
            leftBehind: $p->leftBehind,
        );
    }
}
