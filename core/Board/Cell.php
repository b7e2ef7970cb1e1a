<?php

declare(strict_types=1);

namespace Inlaid\Core\Board;

use Inlaid\Core\Edit\Edit;

/**
 * A place on a board before anything is laid: where it is, and what is done otherwise there than in the recipe.
 *
 * Immutable. Row and column count from 0; both are null of a control patch beside the grid.
 */
final readonly class Cell
{
    /**
     * @param list<string> $says  what it varies, in words, the column first
     * @param list<Edit>   $edits
     */
    public function __construct(public string $label, public ?int $row, public ?int $column, public array $says, public array $edits)
    {
    }
}
