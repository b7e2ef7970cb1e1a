<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

use Inlaid\Core\Recipe\Recipe;

/**
 * A recipe document that was read without a complaint: its text as it is kept, and what it says.
 */
final readonly class RecipeDocument
{
    public function __construct(public string $text, public Recipe $recipe)
    {
    }
}
