<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

use Inlaid\Core\Drying\Climate;

/**
 * How far a run has come, and what was noted: folded from its events.
 *
 * Immutable. `last` what was noted last, and may be undone.
 */
final readonly class RunState
{
    /**
     * @param array<string, WorkDone>   $works   begun or done, by key
     * @param array<string, int>        $skipped when a step was left out, by its id
     * @param array<string, int>        $passed  after which round a step that is repeated was found enough, by its id
     * @param array<string, int>        $again   after which it was found not to be; of both, what was said last
     * @param array<string, float>      $poured  ml, by step
     * @param list<Event>               $notes   and colours, in order
     * @param list<array{int, Climate}> $air     when it was noted
     * @param list<Event>               $changes of the recipe of this run, in order
     */
    public function __construct(
        public array $works,
        public array $skipped,
        public array $passed,
        public array $again,
        public array $poured,
        public array $notes,
        public array $air,
        public array $changes,
        public ?Event $last,
    ) {
    }

    /**
     * @return array<string, int> when each work that is done ended, by key
     */
    public function done(): array
    {
        return array_filter(
            array_map(static fn (WorkDone $w): ?int => $w->finished, $this->works),
            static fn (?int $at): bool => null !== $at,
        );
    }

    /** The same as if nothing had been left out. */
    public function withNothingSkipped(): self
    {
        return new self(
            works: $this->works,
            skipped: [],
            passed: $this->passed,
            again: $this->again,
            poured: $this->poured,
            notes: $this->notes,
            air: $this->air,
            changes: $this->changes,
            last: $this->last,
        );
    }

    /** Was any of a step finished by then? */
    public function isDoneBefore(string $step, int $at): bool
    {
        return [] !== array_filter(
            $this->works,
            static fn (WorkDone $w): bool => $step === $w->step && null !== $w->finished && $w->finished <= $at,
        );
    }

    /** How many rounds of a step there are, by what was found at the bench: never fewer than are done. */
    public function rounds(string $step, int $expected): int
    {
        $done = array_map(
            static fn (WorkDone $w): int => $step === $w->step && null !== $w->finished ? $w->coat : 0,
            array_values($this->works),
        );

        return max($this->passed[$step] ?? max($expected, 1 + ($this->again[$step] ?? 0)), ...$done, ...[0]);
    }
}
