<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

use Inlaid\Core\Drying\Forecast;
use Inlaid\Core\Planning\Placed;

/**
 * The work of a recipe in one of the courses it may take, placed in the working days.
 *
 * Immutable. Instants as seconds since 1970 in UTC; `stuck` says why no promise can be made. @internal to the preview
 */
final readonly class PlacedCourse
{
    /**
     * @param list<Placed>        $placed
     * @param list<Forecast|null> $forecasts of what is laid, at the same places
     */
    public function __construct(public array $placed, public array $forecasts, public ?string $stuck, public int $handsOn, private int $begins)
    {
    }

    /** When the last coat is through-dry, and what comes after it may begin. */
    public function ready(): int
    {
        $ready = $this->begins;
        foreach ($this->placed as $i => $p) {
            $ready = max($ready, $p->end() + 60 * ($this->forecasts[$i]->through->planned ?? 0), $i + 1 === \count($this->placed) ? $p->nextFrom : 0);
        }

        return $ready;
    }

    /** When all have cured. */
    public function cured(): int
    {
        return max([$this->ready(), ...array_values($this->curedBy())]);
    }

    /**
     * @return array<string, int> when each step has cured, by its id
     */
    public function curedBy(): array
    {
        $cured = [];
        foreach ($this->placed as $i => $p) {
            $cured[$p->operation->stepId] = $p->end() + 60 * ($this->forecasts[$i]->cure->planned ?? 0);
        }

        return $cured;
    }

    /**
     * The step after whose end one waits longest, none after the last.
     */
    public function longestWait(): ?string
    {
        $longest = null;
        foreach (\array_slice($this->placed, 0, -1) as $p) {
            $longest = null === $longest || $p->nextFrom - $p->end() > $longest->nextFrom - $longest->end() ? $p : $longest;
        }

        return $longest?->operation->stepId;
    }
}
