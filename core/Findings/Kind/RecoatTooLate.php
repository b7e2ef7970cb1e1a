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
use Inlaid\Core\Measure\ExactNumber;

/**
 * A coat comes after its recoat window.
 */
final class RecoatTooLate implements Rule
{
    public function key(): string
    {
        return 'recoat-too-late';
    }

    public function name(): string
    {
        return 'A coat comes after its recoat window';
    }

    public function reason(): string
    {
        return 'After the latest recoat a film has closed: the next coat lies on it without joining. A scuff gives it a key.';
    }

    public function source(): string
    {
        return 'Coatings science: a cured film no longer joins with the next coat; the label gives the window.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->planned->plan->coats as $i => $coat) {
            $next = $whole->planned->plan->coats[$i + 1] ?? null;
            if ($coat->tooLate <= 0 || null === $next || $next->stepId === $coat->stepId) {
                continue;
            }
            yield Finding::of($this, Severity::Warn, [$next->stepId, $coat->stepId], \sprintf('It comes %s h too late for the coat before, which has closed by then.', ExactNumber::plain($coat->tooLate / 60, 1)), [
                new Remedy('scuff', 'Scuff-sand before it', Edit::insert(new NewStep('Scuff-sand', 'scuff-sanded', grit: 320), $next->stepId), Edit::insert(new NewStep('Dust off', 'dusted'), $next->stepId)),
            ]);
        }
    }
}
