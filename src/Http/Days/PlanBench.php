<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days;

use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\Entity\StoredRun;
use Inlaid\App\Store\RunBook;
use Inlaid\Core\Preview\Context;
use Inlaid\Core\Preview\DaysPreview;
use Inlaid\Core\Preview\PieceToDo;
use Inlaid\Core\Preview\PlanDays;

/**
 * Plans what is on the bench, with what has been done of it.
 */
final readonly class PlanBench
{
    /** Searching longer seldom finds better, and somebody waits. */
    private const SECONDS = 0.45;

    public function __construct(private RunBook $runs, private ReadRecipe $read, private PlanDays $plan)
    {
    }

    public function plan(Context $context, float $seconds = self::SECONDS): DaysPreview
    {
        $end = hrtime(true) + (int) (1e9 * $seconds);
        $hands = null === $context->helper ? [$context->working] : [$context->working, $context->helper];

        return $this->plan->plan(array_map(fn (StoredRun $r): PieceToDo => $this->piece($r, $context), $this->runs->onBench()), $context, $hands, static fn (): bool => hrtime(true) > $end);
    }

    private function piece(StoredRun $run, Context $context): PieceToDo
    {
        $state = $this->runs->state($run);
        $recipe = $this->read->read(Json::decode($run->document));
        $left = array_values(array_filter($recipe->steps, static fn ($s): bool => !isset($state->skipped[$s->id])));
        // What must be ready by a day is ready by its evening.
        $due = null === $run->due ? null : $context->working->nextMidnight(self::local($run->due, $context)) - 1;

        return new PieceToDo($run->id, $recipe->withSteps($left), $context->air($run->place), null === $run->notBefore ? 0 : self::local($run->notBefore, $context), $due, $state->done());
    }

    /** The beginning of a day in the studio. */
    private static function local(\DateTimeImmutable $day, Context $context): int
    {
        return (new \DateTimeImmutable($day->format('Y-m-d'), $context->working->zone))->getTimestamp();
    }
}
