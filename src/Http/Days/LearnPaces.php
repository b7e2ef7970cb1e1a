<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days;

use Inlaid\App\Store\Entity\StoredRun;
use Inlaid\App\Store\RunBook;
use Inlaid\Core\Bench\LearnPace;
use Inlaid\Core\Bench\Pace;
use Inlaid\Core\Drying\DayCurve;
use Inlaid\Core\Preview\Context;
use Inlaid\Core\Preview\PieceToDo;
use Inlaid\Core\Preview\PlanDays;

/**
 * Learns the painter's pace from the runs of late: of works whose beginning and end were noted, where the step does not state a time of its own.
 */
final readonly class LearnPaces
{
    public function __construct(private RunBook $runs, private PlanDays $plan, private LearnPace $learn)
    {
    }

    /**
     * @return array<string, Pace> by technique
     */
    public function learn(Context $context): array
    {
        $observed = array_map(fn (StoredRun $run): array => $this->observed($run, $context), $this->runs->page(1)[1]);

        return $this->learn->learn(array_merge([], ...$observed));
    }

    /**
     * @return list<array{string, float}>
     */
    private function observed(StoredRun $run, Context $context): array
    {
        $recipe = $this->runs->recipe($run);
        $steps = $recipe->stepsById();
        $minutes = [];
        foreach ($this->plan->acts(new PieceToDo('run', $recipe, DayCurve::steady($context->climate), 0), $context) as $act) {
            $minutes[substr($act->id, 4)] = $act->minutes;
        }
        $observed = [];
        foreach ($this->runs->state($run)->works as $key => $work) {
            $step = $steps[$work->step] ?? null;
            if (null !== $step && null === $step->detail->handsOn && null !== $work->started && null !== $work->finished && isset($minutes[$key]) && $minutes[$key] > 0) {
                $observed[] = [$step->technique->key(), ($work->finished - $work->started) / 60 / $minutes[$key]];
            }
        }

        return $observed;
    }
}
