<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

use Inlaid\Core\Board\Board;
use Inlaid\Core\Board\Choices;

/**
 * A board document that was read without a complaint: its text as it is kept, and what it says.
 *
 * Immutable. `recipeId` of the recipe it was made from, null where it came from elsewhere.
 */
final readonly class BoardDocument
{
    public function __construct(public string $text, public Board $board, public Choices $choices, public ?string $recipeId)
    {
    }
}
