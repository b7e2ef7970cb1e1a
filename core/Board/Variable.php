<?php

declare(strict_types=1);

namespace Inlaid\Core\Board;

use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Recipe\Step;

/**
 * One thing that the rows or columns of a board vary. A level is text: what it means the thing alone knows.
 *
 * Adding one is one class: the container finds it.
 */
interface Variable
{
    public function key(): string;

    /** As the grid is headed: "Dwell before wiping". */
    public function name(): string;

    /** What a board of it tells, in a sentence. */
    public function tells(): string;

    /** Can it be varied in that step, or, of null, in the board as a whole? */
    public function suits(?Step $step): bool;

    /**
     * All levels there are to choose from; none where a level is typed.
     *
     * @return list<string>
     */
    public function options(Choices $choices, ?Step $step): array;

    /**
     * Levels to begin with, the standing one among them.
     *
     * @return list<string>
     */
    public function levels(Choices $choices, ?Step $step): array;

    /** The level that the recipe has as it stands; null where it has none. */
    public function standing(Choices $choices, ?Step $step): ?string;

    /**
     * @throws InvalidBoard if there is no such level
     */
    public function inWords(Choices $choices, ?Step $step, string $level): string;

    /**
     * What brings a recipe to that level.
     *
     * @return list<Edit>
     *
     * @throws InvalidBoard if there is no such level
     */
    public function edits(Choices $choices, ?Step $step, string $level): array;
}
