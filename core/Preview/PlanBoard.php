<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Inlaid\Core\Board\Board;
use Inlaid\Core\Board\Hands;
use Inlaid\Core\Board\PatchTiming;
use Inlaid\Core\Board\StaggerPatches;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Planning\Operation;
use Inlaid\Core\Planning\PlanInOrder;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Act;

/**
 * Plans the rounds of a board, one after the other, by the clock: within a round the patches are staggered, and the next begins when the last of its patches may be worked on.
 */
final readonly class PlanBoard
{
    public function __construct(private StaggerPatches $stagger = new StaggerPatches(), private TimePatch $time = new TimePatch(), private PlanInOrder $planner = new PlanInOrder())
    {
    }

    /**
     * @param list<non-empty-list<PatchAct>> $rounds
     * @param array<int, array<string, int>> $pots   by patch, for each round
     *
     * @return array{list<BoardRound>, list<BoardRemark>, int|null, string|null} the rounds; what is amiss; when all can be read; or why that cannot be told
     */
    public function plan(Board $board, array $rounds, array $pots, Context $context): array
    {
        $now = $context->now;
        $ready = $window = $planned = $remarks = [];
        $stuck = null;
        foreach ($rounds as $r => $acts) {
            $from = null === $stuck ? max([$now, ...array_intersect_key($ready, array_flip(self::labels($acts)))]) : null;
            [$round, $end] = $this->round($board, $r, $acts, $pots[$r] ?? [], $from, $context);
            $planned[] = $round;
            if (null === $from || null === $end) {
                $stuck ??= \sprintf('"%s" would not be done within %d years at these working hours.', $round->name, PlanInOrder::MOST_YEARS);
                continue;
            }
            $start = $end - $round->length;
            foreach ($acts as $act) {
                $label = $act->patch->cell->label;
                if (isset($window[$label]) && $start > $window[$label] && Act::Adds === $act->work->step->technique->figures()->act) {
                    $remarks[] = new BoardRemark(Gravity::Warn, [$label], \sprintf('%s waits for the others, and "%s" comes %s h too late on it: the coat before has closed by then. Scuff it first, or lay it on the same day.', $label, $act->work->step->name(), ExactNumber::plain(($start - $window[$label]) / 3600, 1)));
                }
                unset($window[$label]);
                $rule = $act->isLast() ? $act->work->step->wait->until : WaitUntil::Recoat;
                $wait = $act->work->leastWait($rule);
                if (null === $wait) {
                    $stuck ??= \sprintf('%s: %s', $act->work->step->name(), $act->work->drying->noPromise ?? '');
                }
                $next = $end + 60 * (int) $wait;
                $ready[$label] = WaitUntil::Overnight === $rule ? max($next, $context->working->nextMidnight($end)) : $next;
                if (null !== ($most = $act->work->drying?->recoatMost?->planned)) {
                    $window[$label] = $end + 60 * $most;
                }
            }
            $now = $end;
        }

        return [$planned, $remarks, null === $stuck ? max([$now, ...$ready]) : null, $stuck];
    }

    /**
     * @param non-empty-list<PatchAct> $acts
     * @param array<string, int>       $pots
     *
     * @return array{BoardRound, int|null} the round, and when it ends
     */
    private function round(Board $board, int $r, array $acts, array $pots, ?int $from, Context $context): array
    {
        $timings = [];
        $how = array_column(array_map(static fn (PatchAct $a): array => [$a->patch->cell->label, $board->varies($a->patch, $a->work->step)], $acts), 1, 0);
        usort($acts, static fn (PatchAct $a, PatchAct $b): int => strnatcmp($how[$a->patch->cell->label], $how[$b->patch->cell->label])); // one paper, one pot after the other
        foreach ($acts as $act) {
            $timing = $this->time->time($act, $board);
            if (null !== $timing) {
                $timings[$act->patch->cell->label] = $timing;
            }
        }
        $list = array_values($timings);
        $found = $this->stagger->stagger($list, $board->hands);
        $helped = Hands::One === $board->hands && $found->length > $found->atLeast ? $this->stagger->stagger($list, Hands::Two)->length : null;
        $helped = null !== $helped && $helped < $found->length ? $helped : null;
        $turns = array_map(static fn (string|int $label, PatchTiming $t, int $at): PatchTurn => new PatchTurn((string) $label, $at, $at + $t->lay, 0 === $t->wipe ? null : $at + $t->lay + $t->dwell, $at + $t->whole(), $pots[$label] ?? null, $how[$label]), array_keys($timings), $list, $found->starts);
        usort($turns, static fn (PatchTurn $a, PatchTurn $b): int => $a->lay <=> $b->lay);

        $minutes = (int) ceil($found->length / 60);
        $placed = null === $from ? null : $this->planner->plan([new Operation($acts[0]->work->step->id, 1, $minutes, 0)], $context->working, $from)[0] ?? null;
        $waits = array_map(static fn (PatchAct $a): int => (int) $a->work->leastWait($a->isLast() ? $a->work->step->wait->until : WaitUntil::Recoat), $acts);

        return [new BoardRound(
            $r + 1,
            $acts[0]->work->step->id,
            $acts[0]->work->step->name(),
            $acts[0]->coat,
            max(array_map(static fn (PatchAct $a): int => $a->work->rounds(), $acts)),
            $turns,
            $found->length,
            $found->atLeast,
            $helped,
            $this->cannot($acts, $board->hands, $found->length, $helped, $context),
            null === $placed ? null : $context->working->iso($placed->start()),
            null === $placed ? null : $context->working->iso($placed->end()),
            max($waits),
            [] !== array_filter($acts, static fn (PatchAct $a): bool => $a->isLast() && WaitUntil::Overnight === $a->work->step->wait->until),
        ), $placed?->end()];
    }

    /**
     * Why it cannot be done in one go: the pot does not last so long, or the day is shorter.
     *
     * @param list<PatchAct> $acts
     */
    private function cannot(array $acts, Hands $hands, int $length, ?int $helped, Context $context): ?string
    {
        $lasts = array_filter(array_map(static fn (PatchAct $a): ?int => $a->work->drying?->potLife?->planned, $acts), static fn (?int $life): bool => null !== $life);
        $most = min([$context->working->longestStretch, ...$lasts]);
        if ($length <= 60 * $most) {
            return null;
        }
        $who = Hands::One === $hands ? 'One pair of hands needs' : 'Even two pairs of hands need';
        $why = $most < $context->working->longestStretch ? 'the pot lasts' : 'the longest stretch of a day is';
        $helps = null !== $helped && $helped <= 60 * $most ? \sprintf(' With somebody who wipes it takes %d min.', (int) ceil($helped / 60)) : ' Lay fewer patches at a time, or take shorter dwells.';

        return \sprintf('%s %d min for all its patches, but %s %d min.%s', $who, (int) ceil($length / 60), $why, $most, $helps);
    }

    /**
     * @param list<PatchAct> $acts
     *
     * @return list<string>
     */
    private static function labels(array $acts): array
    {
        return array_map(static fn (PatchAct $a): string => $a->patch->cell->label, $acts);
    }
}
