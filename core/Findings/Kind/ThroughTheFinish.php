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
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Recipe\SandingAim;
use Inlaid\Core\Work\StepCalculation;

/**
 * Sanding goes through the old finish you want to keep.
 */
final readonly class ThroughTheFinish implements Rule
{
    /** The share of an old finish that may go before it is through in places. */
    private const MOST = 0.8;

    public function __construct(private WorkOutSanding $sanding = new WorkOutSanding())
    {
    }

    public function key(): string
    {
        return 'through-the-finish';
    }

    public function name(): string
    {
        return 'Sanding goes through the old finish you want to keep';
    }

    public function reason(): string
    {
        return 'A factory finish is thinner than it looks. Where you sand through, stain and paint take differently and the edge shows.';
    }

    public function source(): string
    {
        return 'Arithmetic: typical thickness of finishes against what the papers remove.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->recipe->piece->parts as $part) {
            if (null === $part->finish->kind->thickness()) {
                continue;
            }
            $budget = $this->sanding->budget($whole, $part);
            $sanding = $this->sanding->sanding($whole, $part);
            $onPurpose = [] !== array_filter(
                $sanding,
                static fn (StepCalculation $w): bool => SandingAim::ToBare === $w->step->detail->aim,
            );
            if (null === $budget->finish || $onPurpose || $budget->ofFinish < self::MOST * $budget->finish) {
                continue;
            }
            $each = floor(
                self::MOST * $budget->finish / array_sum(array_map(static fn (StepCalculation $w): int => $w->step->coats, $sanding)) - 1,
            );
            yield Finding::of(
                rule: $this,
                severity: Severity::Warn,
                steps: [$sanding[\count($sanding) - 1]->step->id],
                why: \sprintf(
                    'Sanding removes %s µm on %s; its %s is only about %s µm. It will go through in places.',
                    ExactNumber::plain($budget->ofFinish + $budget->ofWood, 0),
                    $part->name,
                    $part->finish->kind->inWords(),
                    ExactNumber::plain($budget->finish, 0),
                ),
                remedies: [
                    new Remedy(
                        'less',
                        'Remove less per pass',
                        ...array_map(
                            static fn (StepCalculation $w): Edit => Edit::change(
                                $w->step->id,
                                StepChange::depth(max(1.0, $each) * $w->step->coats),
                            ),
                            $sanding,
                        ),
                    ),
                    new Remedy(
                        'all',
                        'Sand it all off on purpose',
                        ...array_map(
                            static fn (StepCalculation $w): Edit => Edit::change($w->step->id, StepChange::aim(SandingAim::ToBare)),
                            $sanding,
                        ),
                    ),
                ],
                about: $part->id,
            );
        }
    }
}
