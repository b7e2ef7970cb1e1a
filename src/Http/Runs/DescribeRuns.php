<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Http\Runs\Data\RunAct;
use Inlaid\App\Http\Runs\Data\RunEvent;
use Inlaid\App\Http\Runs\Data\RunNote;
use Inlaid\App\Http\Runs\Data\RunResponse;
use Inlaid\App\Http\Runs\Data\RunSummary;
use Inlaid\App\Store\Entity\StoredRun;
use Inlaid\App\Store\RunBook;
use Inlaid\App\Store\RunPhotos;
use Inlaid\App\Studio\PlanBench;
use Inlaid\App\Studio\StudioContext;
use Inlaid\Core\Planning\Work;
use Inlaid\Core\Planning\WorkKey;
use Inlaid\Core\Run\Event;
use Inlaid\Core\Run\FoldRun;

/**
 * Describes runs as they are now.
 */
final readonly class DescribeRuns
{
    public function __construct(
        private RunBook $runs,
        private StudioContext $context,
        private PlanBench $plan,
        private RunPhotos $photos,
        private FoldRun $fold = new FoldRun(),
    ) {
    }

    public function one(StoredRun $run): RunResponse
    {
        $events = $this->runs->events($run);
        $state = $this->fold->fold($events);
        $context = $this->context->own();
        $iso = $context->working->iso(...);

        return new RunResponse(
            $run->id,
            $run->version,
            $run->title,
            new RawJson($this->runs->document($run, $state)->text),
            $run->recipeId,
            $run->revision,
            $run->place,
            self::day($run->notBefore),
            self::day($run->due),
            $run->finishedAt,
            null !== $run->archivedAt,
            $run->createdAt,
            array_values($state->works),
            $state->poured,
            array_map(
                static fn (Event $e): RunNote => new RunNote($e->id, $iso($e->at), (string) $e->step, $e->text, $e->colour?->hex),
                $state->notes,
            ),
            $this->photos->of($run),
            array_keys($state->skipped),
            $state->passed,
            $state->again,
            array_map(self::act(...), $this->plan->acts($run, $state->withNothingSkipped(), $context)),
            array_map(
                static fn (Event $e): RunEvent => new RunEvent($e->id, $e->at, $e->kind, $e->step, $e->coat, $e->lay, $e->retracts),
                $events,
            ),
            $run->lesson,
            $run->rating,
        );
    }

    public function summary(StoredRun $run): RunSummary
    {
        return new RunSummary(
            $run->id,
            $run->version,
            $run->title,
            $run->recipeId,
            $run->revision,
            $run->place,
            self::day($run->notBefore),
            self::day($run->due),
            $run->finishedAt,
            null !== $run->archivedAt,
            $run->createdAt,
            $run->lesson,
            $run->rating,
        );
    }

    private static function act(Work $work): RunAct
    {
        $key = WorkKey::of($work);

        return new RunAct($key->step, $key->coat, $key->lay, $work->minutes);
    }

    private static function day(?\DateTimeImmutable $at): ?string
    {
        return $at?->format('Y-m-d');
    }
}
