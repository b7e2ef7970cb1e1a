<?php

declare(strict_types=1);

namespace Inlaid\Core\Measure;

use Inlaid\Core\Recipe\Recipe;

/**
 * What the ground floor must not do: look up. ArchitectureTest sees to it that this is found.
 */
final class WrongArrow
{
    public function title(Recipe $recipe): string
    {
        return $recipe->title;
    }
}
