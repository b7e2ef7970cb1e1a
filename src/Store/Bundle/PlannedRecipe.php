<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Bundle;

/**
 * What would become of a recipe or board of a bundle: "new", "same" (it is here already, and stays as it is), or "copy" (another of that id
 * is here; it comes beside it).
 *
 * Immutable.
 */
final readonly class PlannedRecipe
{
    public function __construct(public string $id, public string $title, public int $revisions, public string $becomes)
    {
    }
}
