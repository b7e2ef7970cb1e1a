<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

/**
 * The patch that is in the recipe, why, and what it changed there; `share` the link it was chosen by, null where the painter chose.
 */
final readonly class ChosenPatch
{
    /**
     * @param list<string> $changes
     */
    public function __construct(
        public string $patch,
        public string $reason,
        public ?string $share,
        public string $at,
        public array $changes,
    ) {
    }
}
