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
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Measure\Duration;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Ability;

/**
 * Wiping a wet coat lifts the one below.
 */
final class WetOverSoft implements Rule
{
    public function key(): string
    {
        return 'wet-over-soft';
    }

    public function name(): string
    {
        return 'Wiping a wet coat lifts the one below';
    }

    public function reason(): string
    {
        return 'Some paints re-wet until through-dry. A wet rag then lifts yesterday\'s coat.';
    }

    public function source(): string
    {
        return 'Coatings chemistry: films that dry by losing water dissolve again until they have joined.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (
                !RecipeAnalysis::isCarriedIn($work, Carrier::Water)
                || !RecipeAnalysis::can($work, Ability::RubsWet)
            ) {
                continue;
            }
            foreach ($whole->recipe->partsOf($work->step) as $part) {
                $below = RecipeAnalysis::last($whole->before($work, $part), RecipeAnalysis::lays(...));
                $waited = null === $below ? null : $whole->minutesBetween($below, $work);
                $needs = $below?->drying?->through->planned;
                if (
                    null === $below
                    || true !== $below->character?->handling->rewets
                    || null === $waited
                    || null === $needs
                    || $waited >= $needs - RecipeAnalysis::A_MINUTE
                ) {
                    continue;
                }
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Advise,
                    steps: [$work->step->id, $below->step->id],
                    why: \sprintf(
                        'Wiping “%s” can lift “%s”, which re-wets until through-dry (%s).',
                        $work->step->name(),
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
