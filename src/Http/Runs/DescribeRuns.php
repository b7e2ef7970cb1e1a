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
            id: $run->id,
            version: $run->version,
            title: $run->title,
            document: new RawJson($this->runs->document($run, $state)->text),
            recipe: $run->recipeId,
            revision: $run->revision,
            place: $run->place,
            notBefore: self::day($run->notBefore),
            due: self::day($run->due),
            finishedAt: $run->finishedAt,
            archived: null !== $run->archivedAt,
            createdAt: $run->createdAt,
            works: array_values($state->works),
            poured: $state->poured,
            notes: array_map(
                static fn (Event $e): RunNote => new RunNote(
                    id: $e->id,
                    at: $iso($e->at),
                    step: (string) $e->step,
                    text: $e->text,
                    colour: $e->colour?->hex,
                    zone: $e->zone,
                ),
                $state->notes,
            ),
            photos: $this->photos->of($run),
            skipped: array_keys($state->skipped),
            passed: $state->passed,
            again: $state->again,
            acts: array_map(self::act(...), $this->plan->acts($run, $state->withNothingSkipped(), $context)),
            events: array_map(
                static fn (Event $e): RunEvent => new RunEvent(
                    id: $e->id,
                    at: $e->at,
                    kind: $e->kind,
                    step: $e->step,
                    coat: $e->coat,
                    lay: $e->lay,
                    retracts: $e->retracts,
                ),
                $events,
            ),
            lesson: $run->lesson,
            rating: $run->rating,
        );
    }

    public function summary(StoredRun $run): RunSummary
    {
        return new RunSummary(
            id: $run->id,
            version: $run->version,
            title: $run->title,
            recipe: $run->recipeId,
            revision: $run->revision,
            place: $run->place,
            notBefore: self::day($run->notBefore),
            due: self::day($run->due),
            finishedAt: $run->finishedAt,
            archived: null !== $run->archivedAt,
            createdAt: $run->createdAt,
            lesson: $run->lesson,
            rating: $run->rating,
        );
    }

    private static function act(Work $work): RunAct
    {
        $key = WorkKey::of($work);

        return new RunAct(
            step: $key->step,
            coat: $key->coat,
            lay: $key->lay,
            minutes: $work->minutes,
            half: $work->half,
            pours: null !== $work->pot,
        );
    }

    private static function day(?\DateTimeImmutable $at): ?string
    {
        return $at?->format('Y-m-d');
    }
}
