<?php

declare(strict_types=1);

namespace Inlaid\Core\Board;

use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Recipe\Step;

/**
 * The rows or the columns of a board: one thing, in one step, at several levels.
 *
 * Immutable. `step` null where the thing holds for the whole board.
 */
final readonly class Axis
{
    public const MOST = 6;

    /**
     * @param non-empty-list<string>     $levels
     * @param non-empty-list<string>     $heads  the levels in words
     * @param non-empty-list<list<Edit>> $edits  what brings the recipe to each level; nothing at the one it stands at
     */
    private function __construct(public Variable $thing, public ?Step $step, public array $levels, public array $heads, public array $edits)
    {
    }

    /**
     * @param list<string> $levels
     *
     * @throws InvalidBoard if the thing does not go with the step, or a level is wrong or there twice
     */
    public static function of(Variable $thing, ?Step $step, array $levels, Choices $choices): self
    {
        if (!$thing->suits($step)) {
            throw null === $step ? InvalidBoard::needsStep($thing->name()) : InvalidBoard::doesNotSuit($thing->name(), $step->name());
        }
        if ([] === $levels || \count($levels) > self::MOST) {
            throw InvalidBoard::levels(self::MOST);
        }
        $heads = $edits = [];
        foreach ($levels as $level) {
            $head = $thing->inWords($choices, $step, $level);
            if (\in_array($head, $heads, true)) {
                throw InvalidBoard::sameTwice($head);
            }
            $heads[] = $head;
            $standing = $thing->standing($choices, $step);
            $edits[] = null !== $standing && $head === $thing->inWords($choices, $step, $standing)
                ? []
                : $thing->edits($choices, $step, $level);
        }

        return new self(thing: $thing, step: $step, levels: $levels, heads: $heads, edits: $edits);
    }

    /** As the grid is headed: "Dwell before wiping of Slate wash". */
    public function name(): string
    {
        return null === $this->step ? $this->thing->name() : \sprintf('%s: %s', $this->step->name(), lcfirst($this->thing->name()));
    }
}
