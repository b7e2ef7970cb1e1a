<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

use Inlaid\Core\Planning\Work;
use Inlaid\Core\Planning\WorkPlan;

/**
 * Pieces as planned with the rounds expected, with the fewest and with the most.
 *
 * Immutable. `works` all there is to do as expected; `expected` null where there is nothing to do, or it lies too far ahead; `stuck` why a
 * piece is not planned to its end, by its id. Instants in seconds since 1970, null where a piece is not planned to its end.
 */
final readonly class PlannedScenarios
{
    /**
     * @param list<Work>            $works
     * @param array<string, string> $stuck
     */
    public function __construct(
        public array $works,
        public ?WorkPlan $expected,
        private ?WorkPlan $least,
        private ?WorkPlan $most,
        public bool $isOpen,
        public array $stuck,
    ) {
    }

    public function ready(string $piece): ?int
    {
        return $this->of($this->expected, $piece);
    }

    /** With the fewest rounds. Planned in a hurry these can end later than more did: what goes with more goes with fewer. */
    public function soonest(string $piece): ?int
    {
        $soonest = $this->of($this->least, $piece);

        return null === $soonest ? null : min($soonest, $this->ready($piece) ?? $soonest);
    }

    /** With the most rounds, and never sooner than with those expected. */
    public function latest(string $piece): ?int
    {
        $latest = $this->of($this->most, $piece);

        return null === $latest ? null : max($latest, $this->ready($piece) ?? $latest);
    }

    /** Hands-on minutes in all, as expected; setting up is not counted. */
    public function handsOn(): int
    {
        return array_sum(array_map(static fn (Work $w): int => $w->minutes, $this->works));
    }

    private function of(?WorkPlan $plan, string $piece): ?int
    {
        return isset($this->stuck[$piece]) ? null : $plan->ready[$piece] ?? null;
    }
}
