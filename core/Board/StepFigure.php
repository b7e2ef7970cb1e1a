<?php

declare(strict_types=1);

namespace Inlaid\Core\Board;

use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Recipe\Step;

/**
 * A thing that is one whole number of a step: coats, minutes, a grit, a share in per cent.
 */
abstract class StepFigure implements Variable
{
    public function standing(Choices $choices, ?Step $step): ?string
    {
        $value = null === $step ? null : $this->of($step);

        return null === $value ? null : (string) $value;
    }

    public function options(Choices $choices, ?Step $step): array
    {
        return [];
    }

    public function levels(Choices $choices, ?Step $step): array
    {
        $standing = null === $step ? null : $this->of($step);
        $levels = $this->usual();
        if (null !== $standing && !\in_array($standing, $levels, true)) {
            usort($levels, static fn (int $a, int $b): int => abs($b - $standing) <=> abs($a - $standing));
            $levels[\count($levels) - 1] = $standing; // in the place of the one nearest to it
        }
        sort($levels);

        return array_map(strval(...), $levels);
    }

    public function inWords(Choices $choices, ?Step $step, string $level): string
    {
        return $this->say($this->number($level));
    }

    public function edits(Choices $choices, ?Step $step, string $level): array
    {
        $number = $this->number($level);

        return null === $step ? [] : [Edit::change($step->id, $this->change($number))];
    }

    abstract protected function change(int $number): StepChange;

    /** What it is in a step; null where the step does not say. */
    abstract protected function of(Step $step): ?int;

    abstract protected function say(int $number): string;

    /**
     * @return non-empty-list<int> to begin with
     */
    abstract protected function usual(): array;

    /**
     * @return array{int, int}
     */
    abstract protected function range(): array;

    /**
     * @throws InvalidBoard
     */
    private function number(string $level): int
    {
        [$least, $most] = $this->range();
        $text = trim($level);
        if (1 !== preg_match('/^\d{1,5}$/', $text) || (int) $text < $least || (int) $text > $most) {
            throw InvalidBoard::badLevel($this->name(), $level, \sprintf('a whole number from %d to %d', $least, $most));
        }

        return (int) $text;
    }
}
