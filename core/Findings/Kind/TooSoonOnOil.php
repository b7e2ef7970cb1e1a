<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Measure\Duration;
use Inlaid\Core\Recipe\WaitUntil;

/**
 * Water on oil, too soon.
 */
final class TooSoonOnOil implements Rule
{
    public function key(): string
    {
        return 'too-soon-on-oil';
    }

    public function name(): string
    {
        return 'Water on oil, too soon';
    }

    public function reason(): string
    {
        return 'A water-based coat over oil that is still drying wrinkles and peels. So does oil over wet water-based paint.';
    }

    public function source(): string
    {
        return 'Coatings chemistry: oil dries by taking up oxygen and needs to reach the air.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (!RecipeAnalysis::lays($work)) {
                continue;
            }
            foreach ($whole->recipe->partsOf($work->step) as $part) {
                $below = RecipeAnalysis::last($whole->before($work, $part), RecipeAnalysis::lays(...));
                if (null === $below || !RecipeAnalysis::isOilOnWater($work, $below)) {
                    continue;
                }
                $waited = $whole->minutesBetween($below, $work);
                $needs = $below->drying?->through->planned;
                if (null === $waited || null === $needs || $waited >= $needs - RecipeAnalysis::A_MINUTE) {
                    continue;
                }
                yield Finding::of(
                    rule: $this,
                    severity: $waited < ($below->drying->recoat->planned ?? 0) - RecipeAnalysis::A_MINUTE ? Severity::Stop : Severity::Warn,
                    steps: [$work->step->id, $below->step->id],
                    why: \sprintf(
                        '“%s” goes on %s after “%s”, which needs %s to be through-dry.',
                        $work->step->name(),
                        Duration::inWords($waited),
                        $below->step->name(),
                        Duration::inWords($needs),
                    ),
                    remedies: [
                        new Remedy(
                            'wait',
                            'Wait until it is through-dry',
                            Edit::change($below->step->id, StepChange::wait(WaitUntil::Through)),
                        ),
                    ],
                );
                break;
            }
        }
    }
}
