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
use Inlaid\Core\Material\Hazard;
use Inlaid\Core\Technique\Overspray;

/**
 * Flammable product near a flame.
 */
final class NearFlame implements Rule
{
    public function key(): string
    {
        return 'near-flame';
    }

    public function name(): string
    {
        return 'Flammable product near a flame';
    }

    public function reason(): string
    {
        return 'Solvent mist and vapour ignite far from the brush: a stove, pilot light or heater is enough.';
    }

    public function source(): string
    {
        return 'Fire safety: vapours heavier than air; the safety data sheet.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        if (!$whole->context->flame) {
            return;
        }
        foreach ($whole->works as $work) {
            if ($work->has(Hazard::Flammable)) {
                $mist = Overspray::Sprays === $work->step->profile->reach;
                yield Finding::of(
                    rule: $this,
                    severity: $mist ? Severity::Stop : Severity::Warn,
                    steps: [$work->step->id],
                    why: \sprintf(
                        '“%s” %s, and the studio has an open flame or heater. Put it out and ventilate. Follow the '
                        .'label, the safety data sheet and local rules.',
                        $work->step->name(),
                        $mist ? 'sprays a flammable mist' : 'gives off flammable vapour',
                    ),
                    remedies: $mist ? [
                        new Remedy(
                            'brush',
                            'Brush it, with the flame out',
                            Edit::change($work->step->id, StepChange::technique('brushed')),
                        ),
                    ] : [],
                    about: $mist ? 'mist' : 'vapour',
                );
            }
        }
    }
}
