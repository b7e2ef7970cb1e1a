<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Look\FitEdit;
use Inlaid\Core\Look\FitRemedy;
use Inlaid\Core\Look\JointPreview;
use Inlaid\Core\Measure\ExactNumber;

/**
 * A moving part will bind.
 */
final class JointBinds implements Rule
{
    public function key(): string
    {
        return 'joint-binds';
    }

    public function name(): string
    {
        return 'A moving part will bind';
    }

    public function reason(): string
    {
        return 'Every coat on facing surfaces reduces the clearance; damp wood swells and takes more.';
    }

    public function source(): string
    {
        return 'Wood science: movement across the grain with humidity; the sum of the films.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->joints as $joint) {
            if (null === $joint->bindsAfter) {
                continue;
            }
            $remedies = array_map(static fn (FitRemedy $r): ?Remedy => match ($r->edit) {
                FitEdit::MovingBare => new Remedy('moving', $r->text, Edit::leaveBare($joint->id, 'moving')),
                FitEdit::FixedBare => new Remedy('fixed', $r->text, Edit::leaveBare($joint->id, 'fixed')),
                default => null,
            }, array_values(array_filter($joint->remedies, static fn (FitRemedy $r): bool => $r->enough)));
            yield Finding::of(
                rule: $this,
                severity: Severity::Warn,
                steps: '' === $joint->bindsAfter ? [] : [$joint->bindsAfter],
                why: $this->says($joint),
                remedies: array_values(array_filter($remedies)),
                about: $joint->id,
            );
        }
    }

    private function says(JointPreview $joint): string
    {
        [$clearance, $left, $least] = array_map(ExactNumber::plain(...), [$joint->clearance, abs($joint->left), $joint->least]);

        return \sprintf(
            $joint->left < 0
                ? '%1$s: coats and swelling need %3$s mm more than the %2$s mm there is, plus %4$s mm running clearance.'
                : '%s: %s mm clearance becomes %s mm. It needs %s mm.',
            $joint->name,
            $clearance,
            $left,
            $least,
        );
    }
}
