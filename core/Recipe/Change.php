<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

/**
 * One difference between two recipes, in words.
 *
 * Immutable. `stepId` is empty for what concerns the whole recipe.
 */
final readonly class Change
{
    public function __construct(public string $stepId, public string $text)
    {
    }
}
