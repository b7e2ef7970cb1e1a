<?php

declare(strict_types=1);

namespace Inlaid\Core\Board;

use Inlaid\Core\Recipe\Recipe;

/**
 * A patch of a board, with all that is done on it.
 *
 * Immutable.
 */
final readonly class Patch
{
    public function __construct(public Cell $cell, public Recipe $recipe)
    {
    }

    /** Is it as the recipe stands? */
    public function isControl(): bool
    {
        return [] === $this->cell->edits;
    }

    /** Do they lie side by side or one above the other? */
    public function isBeside(self $other): bool
    {
        [$row, $column, $otherRow, $otherColumn] = [$this->cell->row, $this->cell->column, $other->cell->row, $other->cell->column];

        return null !== $row && null !== $otherRow && 1 === abs($row - $otherRow) + abs($column - $otherColumn);
    }
}
