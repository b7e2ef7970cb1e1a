<?php

declare(strict_types=1);

namespace Inlaid\Core\Planning;

/**
 * Which work of a piece: a coat of a step, and of a coat in two goes the first or the second.
 *
 * Immutable. Written "step/coat/lay"; ids of steps have no slash.
 */
final readonly class WorkKey implements \Stringable
{
    public function __construct(public string $step, public int $coat, public int $lay)
    {
    }

    /** As it was written. */
    public static function read(string $key): self
    {
        [$step, $coat, $lay] = explode('/', $key) + ['', '1', '1'];

        return new self($step, (int) $coat, (int) $lay);
    }

    /** Of a work that was planned for a piece. */
    public static function of(Work $work): self
    {
        return self::read(substr($work->id, \strlen($work->job) + 1));
    }

    /** The id of the work among those of all pieces. */
    public function in(string $job): string
    {
        return "$job/$this";
    }

    public function __toString(): string
    {
        return "$this->step/$this->coat/$this->lay";
    }
}
