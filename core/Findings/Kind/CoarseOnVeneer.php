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
use Inlaid\Core\Findings\WorkOutSanding;
use Inlaid\Core\Technique\Ability;

/**
 * First grit is too coarse for the veneer.
 */
final class CoarseOnVeneer implements Rule
{
    public function __construct(private WorkOutSanding $sanding = new WorkOutSanding())
    {
    }

    public function key(): string
    {
        return 'coarse-on-veneer';
    }

    public function name(): string
    {
        return 'First grit is too coarse for the veneer';
    }

    public function reason(): string
    {
        return 'Coarse scratches in thin veneer can\'t be sanded out without going through it.';
    }

    public function source(): string
    {
        return 'Abrasive grading: mean particle size of each grit.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            $grit = $work->step->detail->grit;
            if (!RecipeAnalysis::can($work, Ability::Sands) || null === $grit || $grit >= 120) {
                continue;
            }
            foreach ($whole->recipe->partsOf($work->step) as $part) {
                if (null !== $part->substrate->faceVeneer() && !$this->sanding->budget($whole, $part)->goesThrough()) {
                    yield Finding::of(
                        rule: $this,
                        severity: Severity::Warn,
                        steps: [$work->step->id],
                        why: \sprintf('Grit %d is too coarse for the veneer on %s.', $grit, $part->name),
                        remedies: [
                            new Remedy('finer', 'Start at grit 150', Edit::change($work->step->id, StepChange::grit(150))),
                        ],
                    );
                    break;
                }
            }
        }
    }
}
