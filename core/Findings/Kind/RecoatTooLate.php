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
use Inlaid\Core\Measure\Duration;
use Inlaid\Core\Work\StepCalculation;

/**
 * Coat comes after the recoat window.
 */
final class RecoatTooLate implements Rule
{
    public function key(): string
    {
        return 'recoat-too-late';
    }

    public function name(): string
    {
        return 'Coat comes after the recoat window';
    }

    public function reason(): string
    {
        return 'After the recoat window the film has cured and the next coat won\'t bond. Scuffing gives it a key.';
    }

    public function source(): string
    {
        return 'Coatings science: a cured film no longer joins with the next coat; the label gives the window.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        $names = array_column(array_map(static fn (StepCalculation $w): array => [$w->step->id, $w->step->name()], $whole->works), 1, 0);
        foreach ($whole->planned->plan->coats as $coat) {
            if (null === $coat->closed || $coat->closed === $coat->stepId) {
                continue;
            }
            yield Finding::of(
                rule: $this,
                severity: Severity::Warn,
                steps: [$coat->stepId, $coat->closed],
                why: \sprintf(
                    '“%s” comes %s after the recoat window of “%s”. Scuff-sand first.',
                    $names[$coat->stepId],
                    Duration::inWords($coat->tooLate),
                    $names[$coat->closed],
                ),
                remedies: [
                    new Remedy(
                        'scuff',
                        'Scuff-sand first',
                        Edit::insert(new NewStep('Scuff-sand', 'scuff-sanded', grit: 320), $coat->stepId),
                        Edit::insert(new NewStep('Remove dust', 'dusted'), $coat->stepId),
                    ),
                ],
            );
        }
    }
}
