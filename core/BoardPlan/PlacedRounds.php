<?php

declare(strict_types=1);

namespace Inlaid\Core\BoardPlan;

use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Effect;

/**
 * The rounds of a board while they are placed one after the other. @internal to the preview of boards.
 */
final class PlacedRounds
{
    /** @var array<int, int> by round */
    public array $starts = [];
    /** @var array<int, int> by round */
    public array $ends = [];
    /**
     * @var list<array{int, int, int, non-empty-list<string>}> a round, the one before it that it comes too late for, by how many s, and on
     *                                                         which patches
     */
    public array $late = [];
    public ?string $stuck = null;
    /** When the last patch can be read; null once it cannot be told. */
    public ?int $ready;
    /** @var array<string, int> when a patch may be worked on again */
    private array $next = [];
    /** @var array<string, array{int, int}> until when the next coat may come, and the round it counts from */
    private array $window = [];
    private int $now;

    public function __construct(int $now)
    {
        $this->now = $this->ready = $now;
    }

    /**
     * @param list<string> $patches
     *
     * @return int|null when they may be worked on; null where that cannot be told
     */
    public function from(array $patches, int $notBefore): ?int
    {
        return null === $this->stuck
            ? max([$this->now, $notBefore, ...array_values(array_intersect_key($this->next, array_flip($patches)))])
            : null;
    }

    /**
     * @param non-empty-list<PatchAct> $acts
     */
    public function add(int $round, array $acts, int $start, int $end, WorkingTime $working): void
    {
        [$this->starts[$round], $this->ends[$round], $this->now] = [$start, $end, $end];
        $late = [];
        foreach ($acts as $act) {
            $label = $act->patch->cell->label;
            [$closes, $before] = $this->window[$label] ?? [\PHP_INT_MAX, $round];
            if ($start > $closes && Effect::Adds === $act->work->step->profile->effect) {
                $late[$before][] = [$label, $start - $closes];
            }
            unset($this->window[$label]);
            $wait = $act->leastWait();
            if (null === $wait) {
                $this->stuck ??= \sprintf('%s: %s', $act->work->step->name(), $act->work->drying->noPromise ?? '');
            }
            $next = $end + 60 * (int) $wait;
            $this->next[$label] = WaitUntil::Overnight === $act->waitsUntil() ? max($next, $working->nextMidnight($end)) : $next;
            $most = $act->work->drying?->recoatMost?->planned;
            if (null !== $most) {
                $this->window[$label] = [$end + 60 * $most, $round];
            }
        }
        foreach ($late as $before => $patches) {
            $this->late[] = [$round, $before, max(array_column($patches, 1)), array_column($patches, 0)];
        }
        $this->ready = null === $this->stuck ? max([$this->now, ...array_values($this->next)]) : null;
    }
}
