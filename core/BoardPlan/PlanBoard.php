<?php

declare(strict_types=1);

namespace Inlaid\Core\BoardPlan;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Board\Board;
use Inlaid\Core\Board\Hands;
use Inlaid\Core\Board\PatchTiming;
use Inlaid\Core\Board\Staggered;
use Inlaid\Core\Board\StaggerPatches;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Measure\Duration;
use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Planning\Interval;
use Inlaid\Core\Recipe\WaitUntil;

/**
 * Plans the rounds of a board, one after the other, by the clock: within a round the patches are staggered, and the next begins when the
 * last of its patches may be worked on. A round
 * is put off where the next would come too late for its coat.
 */
final readonly class PlanBoard
{
    private const LARGEST_PUSH = 21 * 24 * 3600;
    private const MOST_PUSHES = 60;

    public function __construct(private StaggerPatches $stagger = new StaggerPatches(), private TimePatch $time = new TimePatch())
    {
    }

    /**
     * @param list<non-empty-list<PatchAct>> $rounds
     * @param array<int, array<string, int>> $pots   by patch, for each round
     */
    public function plan(Board $board, array $rounds, array $pots, Context $context): PlannedBoard
    {
        $plans = []; // rounds that take as long are staggered alike
        $timed = array_map(function (array $acts) use ($board, $context, &$plans): TimedRound {
            return $this->time(board: $board, acts: $acts, context: $context, plans: $plans);
        }, $rounds);
        $notBefore = array_fill(0, \count($rounds), $context->now);
        $given = [];
        for ($tries = 0;; ++$tries) {
            $pass = $this->place(rounds: $rounds, timed: $timed, notBefore: $notBefore, context: $context);
            $late = array_filter($pass->late, static fn (array $l): bool => !isset($given[$l[0]]));
            if ([] === $late) {
                break;
            }
            // the coat before is laid later, so that the next comes in time; where nights make that useless it stays where it was
            [$after, $before, $by] = $late[array_key_first($late)];
            $pushed = ($pass->starts[$before] ?? 0) + $by;
            if ($tries >= self::MOST_PUSHES || $pushed - $context->now > self::LARGEST_PUSH) {
                $given[$after] = true;
                $notBefore = array_fill(0, \count($rounds), $context->now);
            } else {
                $notBefore[$before] = $pushed;
            }
        }

        return new PlannedBoard(
            rounds: array_map(
                fn (TimedRound $t, int $r): BoardRound => $this->describe(
                    timed: $t,
                    r: $r,
                    acts: $rounds[$r],
                    pots: $pots[$r] ?? [],
                    placed: $pass,
                    context: $context,
                ),
                $timed,
                array_keys($timed),
            ),
            remarks: $this->tooLate($rounds, $pass),
            ready: $pass->ready,
            stuck: $pass->stuck,
        );
    }

    /**
     * One after the other, each as early as it may be.
     *
     * @param list<non-empty-list<PatchAct>> $rounds
     * @param list<TimedRound>               $timed
     * @param array<int, int>                $notBefore
     */
    private function place(array $rounds, array $timed, array $notBefore, Context $context): PlacedRounds
    {
        $placed = new PlacedRounds($context->now);
        $calendar = new Calendar($context->working, $context->now);
        foreach ($rounds as $r => $acts) {
            $from = $placed->from(self::labels($acts), $notBefore[$r]);
            if (null === $from) {
                break;
            }
            $minutes = (int) ceil($timed[$r]->length / 60);
            $stretches = 0 === $minutes ? [new Interval($from, $from)] : $calendar->fit($minutes, $from);
            if (null === $stretches) {
                $placed->stuck = \sprintf(
                    '“%s” would take more than %d years at these working hours.',
                    $acts[0]->work->step->name(),
                    Calendar::MOST_YEARS,
                );
                break;
            }
            $placed->add(
                round: $r,
                acts: $acts,
                start: $stretches[0]->start,
                end: $stretches[\count($stretches) - 1]->end,
                working: $context->working,
            );
        }

        return $placed;
    }

    /**
     * @param list<non-empty-list<PatchAct>> $rounds
     *
     * @return list<BoardRemark>
     */
    private function tooLate(array $rounds, PlacedRounds $placed): array
    {
        $remarks = [];
        foreach ($placed->late as [$r, , $by, $patches]) {
            $remarks[] = new BoardRemark(
                Severity::Warn,
                $patches,
                \sprintf(
                    '“%s” comes %s after the recoat window on %s. Scuff first, or use fewer patches so that both fit in one day.',
                    $rounds[$r][0]->work->step->name(),
                    Duration::inWords($by / 60),
                    implode(', ', $patches),
                ),
            );
        }

        return $remarks;
    }

    /**
     * @param non-empty-list<PatchAct>                  $acts
     * @param array<string, array{Staggered, int|null}> $plans by what is staggered; with a helper too
     */
    private function time(Board $board, array $acts, Context $context, array &$plans): TimedRound
    {
        $how = array_column(
            array_map(static fn (PatchAct $a): array => [$a->patch->cell->label, $board->varies($a->patch, $a->work->step)], $acts),
            1,
            0,
        );
        // one paper, one pot after the other
        usort($acts, static fn (PatchAct $a, PatchAct $b): int => strnatcmp($how[$a->patch->cell->label], $how[$b->patch->cell->label]));
        $timings = [];
        foreach ($acts as $act) {
            $timing = $this->time->time($act, $board);
            if (null !== $timing) {
                $timings[$act->patch->cell->label] = $timing;
            }
        }
        $list = array_values($timings);
        [$found, $helped] = $plans[serialize($list)] ??= $this->staggered($list, $board->hands);

        return new TimedRound(
            timings: $timings,
            starts: $found->starts,
            how: $how,
            length: $found->length,
            atLeast: $found->atLeast,
            withHelper: $helped,
            cannot: $this->cannot(acts: $acts, hands: $board->hands, length: $found->length, helped: $helped, context: $context),
        );
    }

    /**
     * @param list<PatchTiming> $timings
     *
     * @return array{Staggered, int|null} and how long it takes if somebody else wipes, null where that gains nothing
     */
    private function staggered(array $timings, Hands $hands): array
    {
        $found = $this->stagger->stagger($timings, $hands);
        $helped = Hands::One === $hands && $found->length > $found->atLeast ? $this->stagger->stagger($timings, Hands::Two)->length : null;

        return [$found, null !== $helped && $helped < $found->length ? $helped : null];
    }

    /**
     * @param non-empty-list<PatchAct> $acts
     * @param array<string, int>       $pots by patch
     */
    private function describe(TimedRound $timed, int $r, array $acts, array $pots, PlacedRounds $placed, Context $context): BoardRound
    {
        $turns = array_map(
            static fn (string|int $label, PatchTiming $t, int $at): PatchTurn => new PatchTurn(
                patch: (string) $label,
                lay: $at,
                laid: $at + $t->lay,
                wipe: 0 === $t->wipe ? null : $at + $t->lay + $t->dwell,
                done: $at + $t->whole(),
                pot: $pots[$label] ?? null,
                how: $timed->how[$label] ?? '',
            ),
            array_keys($timed->timings),
            array_values($timed->timings),
            $timed->starts,
        );
        usort($turns, static fn (PatchTurn $a, PatchTurn $b): int => $a->lay <=> $b->lay);
        $iso = static fn (?int $at): ?string => null === $at ? null : $context->working->iso($at);

        return new BoardRound(
            number: $r + 1,
            stepId: $acts[0]->work->step->id,
            name: $acts[0]->work->step->name(),
            effect: $acts[0]->work->step->profile->effect,
            coat: $acts[0]->coat,
            coats: max(array_map(static fn (PatchAct $a): int => $a->work->rounds(), $acts)),
            turns: $turns,
            length: $timed->length,
            atLeast: $timed->atLeast,
            withHelper: $timed->withHelper,
            cannot: $timed->cannot,
            start: $iso($placed->starts[$r] ?? null),
            end: $iso($placed->ends[$r] ?? null),
            wait: max(array_map(static fn (PatchAct $a): int => (int) $a->leastWait(), $acts)),
            overnight: [] !== array_filter($acts, static fn (PatchAct $a): bool => WaitUntil::Overnight === $a->waitsUntil()),
        );
    }

    /**
     * Why it cannot be done in one go: the pot does not last so long, or the day is shorter.
     *
     * @param list<PatchAct> $acts
     */
    private function cannot(array $acts, Hands $hands, int $length, ?int $helped, Context $context): ?string
    {
        $lasts = array_filter(
            array_map(static fn (PatchAct $a): ?int => $a->work->drying?->potLife?->planned, $acts),
            static fn (?int $life): bool => null !== $life,
        );
        $most = min([$context->working->longestStretch, ...$lasts]);
        if ($length <= 60 * $most) {
            return null;
        }
        $who = Hands::One === $hands ? 'One person needs' : 'Even two people need';
        $why = $most < $context->working->longestStretch ? 'the pot life is' : 'the longest working stretch is';
        $helps = null !== $helped && $helped <= 60 * $most
            ? \sprintf(' With a helper who wipes it takes %d min.', (int) ceil($helped / 60))
            : ' Use fewer patches or shorter dwells.';

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
