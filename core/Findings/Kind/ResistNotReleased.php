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
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Zone;
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
        $told = [];
        foreach ($whole->works as $next) {
            foreach (RecipeAnalysis::protects($next) ? $whole->recipe->partsOf($next->step) : [] as $part) {
                $resist = $this->under($whole, $next, $part);
                if (null === $resist || isset($told[$resist->step->id])) {
                    continue;
                }
                $told[$resist->step->id] = true;
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Stop,
                    steps: [$next->step->id, $resist->step->id],
                    why: \sprintf('“%s” seals in “%s” before it was released.', $next->step->name(), $resist->step->name()),
                    remedies: [
                        new Remedy(
                            'release',
                            'Release the resist first',
                            Edit::insert(
                                new NewStep(
                                    'Release and clean',
                                    'resist-released',
                                    $whole->named($whole->recipe->partsOf($resist->step)),
                                    wait: WaitUntil::Overnight,
                                    purpose: Purpose::Edges,
                                ),
                                $next->step->id,
                            ),
                        ),
                    ],
                );
            }
        }
    }

    /** The resist that still lies where a step comes. */
    private function under(RecipeAnalysis $whole, StepCalculation $work, PiecePart $part): ?StepCalculation
    {
        foreach ($whole->met($work, $part) as $met) {
            foreach ([Zone::Edge, Zone::Field, Zone::Recess] as $zone) {
                $resist = $met->zone($zone)->resist();
                if (null !== $resist) {
                    return $whole->work($resist);
                }
            }
        }

        return null;
    }
}
