<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Bundle;

/**
 * What taking a bundle in would do. `whole` says whether it is a whole studio, which can also be put in the place of this one; `instead`
 * counts what is in it by kind, and
 * `gone` what of this studio would go then; `farLess` says that it holds nothing, or less than half of what is here of something.
 *
 * Immutable.
 */
final readonly class BundlePlan
{
    /**
     * @param list<PlannedRecipe> $recipes
     * @param list<PlannedRecipe> $boards
     * @param array<string, int>  $instead
     * @param array<string, int>  $gone
     */
    public function __construct(
        public bool $whole,
        public string $madeAt,
        public array $recipes,
        public array $boards,
        public int $photos,
        public array $instead,
        public array $gone,
        public bool $farLess = false,
    ) {
    }
}
