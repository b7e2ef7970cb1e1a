<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Store\Entity\StoredRun;
use Inlaid\App\Store\RunBook;
use Inlaid\App\Store\StudioContext;
use Inlaid\Core\Bench\Event;

/**
 * Describes runs as they are now.
 */
final readonly class DescribeRuns
{
    public function __construct(private RunBook $runs, private StudioContext $context)
    {
    }

    public function one(StoredRun $run): RunOpened
    {
        $state = $this->runs->state($run);
        $iso = $this->context->own()->working->iso(...);

        return new RunOpened(
            $run->id,
            $run->version,
            $run->title,
            new RawJson($run->document),
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
            array_map(static fn (Event $e): RunNote => new RunNote($e->id, $iso($e->at), (string) $e->step, $e->text, $e->colour?->hex), $state->notes),
            array_keys($state->skipped),
        );
    }

    public function summary(StoredRun $run): RunSummary
    {
        return new RunSummary($run->id, $run->version, $run->title, $run->recipeId, $run->revision, $run->place, self::day($run->notBefore), self::day($run->due), $run->finishedAt, null !== $run->archivedAt, $run->createdAt);
    }

    private static function day(?\DateTimeImmutable $at): ?string
    {
        return $at?->format('Y-m-d');
    }
}
