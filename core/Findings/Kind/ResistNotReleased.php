<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Work\StepCalculation;

/**
 * Resist is sealed in.
 */
final class ResistNotReleased implements Rule
{
    public function key(): string
    {
        return 'resist-not-released';
    }

    public function name(): string
    {
        return 'Resist is sealed in';
    }

    public function reason(): string
    {
        return 'Coats over a resist have to come off. A clear coat or wax over it traps it until it flakes.';
    }

    public function source(): string
    {
        return 'Finishing practice: a resist is a layer that doesn\'t adhere.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (!RecipeAnalysis::can($work, Ability::LaysResist)) {
                continue;
            }
            foreach ($whole->recipe->partsOf($work->step) as $part) {
                $next = RecipeAnalysis::first(
                    $whole->after($work, $part),
                    static fn (StepCalculation $w): bool => RecipeAnalysis::can(
                        $w,
                        Ability::ReleasesResist,
                        Ability::WearsWet,
                        Ability::WearsDry,
                    )
                        || RecipeAnalysis::protects($w),
                );
                if (null === $next || !RecipeAnalysis::lays($next)) {
                    continue;
                }
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Stop,
                    steps: [$next->step->id, $work->step->id],
                    why: \sprintf('“%s” seals in “%s” before it was released.', $next->step->name(), $work->step->name()),
                    remedies: [
                        new Remedy(
                            'release',
                            'Release the resist first',
                            Edit::insert(
                                new NewStep(
                                    'Release and clean',
                                    'resist-released',
                                    $whole->named($whole->recipe->partsOf($work->step)),
                                    wait: WaitUntil::Overnight,
                                    purpose: Purpose::Edges,
                                ),
                                $next->step->id,
                            ),
                        ),
                    ],
                );
                break;
            }
        }
    }
}
