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
use Inlaid\Core\Findings\SandingBudget;
use Inlaid\Core\Findings\WorkOutSanding;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Recipe\Scenario;
use Inlaid\Core\Work\StepCalculation;

/**
 * Sanding goes through the veneer.
 */
final readonly class SandedThrough implements Rule
{
    /** Shares of a veneer: as much as one may take, and nearly all of it. */
    private const NEARLY_ALL = 0.8;

    public function __construct(private WorkOutSanding $sanding = new WorkOutSanding())
    {
    }

    public function key(): string
    {
        return 'sanded-through';
    }

    public function name(): string
    {
        return 'Sanding goes through the veneer';
    }

    public function reason(): string
    {
        return 'Face veneer can be thinner than half a millimetre. Once sanded through, the glue shows for good.';
    }

    public function source(): string
    {
        return 'Arithmetic: thickness of the veneer against what the grits remove.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->recipe->piece->parts as $part) {
            $budget = $this->sanding->budget($whole, $part);
            if (!$budget->goesThrough()) {
                continue;
            }
            $sanding = $this->sanding->sanding($whole, $part);
            $each = floor(SandingBudget::MOST * $budget->veneer / array_sum(array_map(
                static fn (StepCalculation $w): int => $w->step->rounds(Scenario::Most),
                $sanding,
            )));
            $off = $budget->ofWood > SandingBudget::MOST * $budget->veneer ? $budget->ofWood : $budget->mostOfWood;
            yield Finding::of(
                rule: $this,
                severity: $off > self::NEARLY_ALL * $budget->veneer ? Severity::Stop : Severity::Warn,
                steps: [$sanding[\count($sanding) - 1]->step->id],
                why: \sprintf(
                    'Sanding removes %s of %s mm veneer on %s%s.',
                    ExactNumber::plain($off / 1000).' mm',
                    ExactNumber::plain($budget->veneer / 1000),
                    $part->name,
                    $off > $budget->ofWood ? ' if every allowed pass is needed' : '',
                ),
                remedies: [
                    new Remedy(
                        'less',
                        'Remove less per pass',
                        ...array_map(
                            static fn (StepCalculation $w): Edit => Edit::change($w->step->id, StepChange::depth($each * $w->step->coats)),
                            $sanding,
                        ),
                    ),
                ],
                about: $part->id,
            );
        }
    }
}
