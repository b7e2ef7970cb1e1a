<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\App\Device\Hygrometer;
use Inlaid\App\Store\Entity\StoredRun;
use Inlaid\App\Store\RunBook;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Planning\Work;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Run\RunState;
use Inlaid\Core\Schedule\DaysPreview;
use Inlaid\Core\Schedule\PieceToDo;
use Inlaid\Core\Schedule\PlanDays;

/**
 * Plans what is on the bench, with what has been done of it.
 */
final readonly class PlanBench
{
    /** However slow the machine: one waits for it at every step that is done, and longer finds nothing better on benches of a week. */
    private const SECONDS = 1.0;
    /** By then there is an answer, however much there is to do: works in the order of their recipes. */
    private const AT_LAST = 3.5;

    public function __construct(private RunBook $runs, private PlanDays $plan, private Hygrometer $hygrometer)
    {
    }

    /**
     * @param array{string, string}|null $coat a run and a step of it that gets one coat more
     */
    public function plan(Context $context, ?array $coat = null): DaysPreview
    {
        [$isOver, $isLate] = [Deadline::in(self::SECONDS), Deadline::in(self::AT_LAST)];

        return $this->plan->plan(
            pieces: array_map(
                fn (StoredRun $r): PieceToDo => $this->piece(run: $r, state: $this->runs->state($r), context: $context, coat: $coat),
                $this->runs->onBench(),
            ),
            context: $context,
            isOver: $isOver,
            isLate: $isLate,
        );
    }

    /**
     * @return list<Work> all there is to do on a piece, done or not
     */
    public function acts(StoredRun $run, RunState $state, Context $context): array
    {
        return $this->plan->acts($this->piece($run, $state, $context), $context);
    }

    /**
     * A run as a piece to be done, with what has been done of it and where it stands.
     *
     * @param array{string, string}|null $coat
     */
    public function piece(StoredRun $run, RunState $state, Context $context, ?array $coat = null): PieceToDo
    {
        $recipe = $this->runs->recipe($run, $state);
        $left = array_values(array_filter($recipe->steps, static fn (Step $s): bool => !isset($state->skipped[$s->id])));
        $left = array_map(static fn (Step $s): Step => null === $s->repeat ? $s : $s->withRounds($state->rounds($s->id, $s->coats)), $left);
        $left = array_map(static fn (Step $s): Step => [$run->id, $s->id] === $coat ? $s->withOneMoreCoat() : $s, $left);
        // What must be ready by a day is ready by its evening.
        $due = null === $run->due ? null : $context->working->nextMidnight(self::local($run->due, $context)) - 1;

        return new PieceToDo(
            id: $run->id,
            recipe: $recipe->withSteps($left),
            air: $this->hygrometer->day($run->place, $context->now, $context),
            notBefore: null === $run->notBefore ? 0 : self::local($run->notBefore, $context),
            due: $due,
            done: $state->done(),
            place: $run->place,
        );
    }

    /** The beginning of a day in the studio. */
    private static function local(\DateTimeImmutable $day, Context $context): int
    {
        return (new \DateTimeImmutable($day->format('Y-m-d'), $context->working->zone))->getTimestamp();
    }
}
