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
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\SandingAim;
use Inlaid\Core\Surface\Met;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Work\StepCalculation;

/**
 * What is to be taken off down to the wood is coated before it is.
 */
final class NotYetBare implements Rule
{
    public function key(): string
    {
        return 'not-yet-bare';
    }

    public function name(): string
    {
        return 'Old finish isn\'t all off yet';
    }

    public function reason(): string
    {
        return 'Islands of old finish stay glossy, absorb nothing and show through stain and thin coats.';
    }

    public function source(): string
    {
        return 'Arithmetic: typical thickness of finishes against what each pass removes.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        $found = $whole->byStep(fn (PiecePart $part): ?StepCalculation => $this->fallsShort($whole, $part));
        foreach ($found as [$work, $parts]) {
            $part = $parts[0];
            $left = $this->left($whole, $part);
            $each = $work->removes() / max(1, $work->rounds());
            $more = $work->rounds() + (int) ceil($left / max(1.0, $each) - 1e-9);
            yield Finding::of(
                rule: $this,
                severity: Severity::Warn,
                steps: [$work->step->id],
                why: \sprintf(
                    'After “%s” about %s µm of %s is left on %s.',
                    $work->step->name(),
                    ExactNumber::plain(round($left, -1) ?: round($left), 0),
                    $part->finish->kind->inWords(),
                    implode(', ', array_map(static fn (PiecePart $p): string => $p->name, $parts)),
                ),
                remedies: [
                    new Remedy('passes', \sprintf('%d passes', $more), Edit::change($work->step->id, StepChange::coats($more))),
                ],
            );
        }
    }

    /** The last step that is to take the finish off, where the first coat still meets some of it. */
    private function fallsShort(RecipeAnalysis $whole, PiecePart $part): ?StepCalculation
    {
        $first = RecipeAnalysis::first($whole->on($part), RecipeAnalysis::lays(...));

        return null === $first || $whole->isBare($part, $first) ? null : RecipeAnalysis::last(
            $whole->before($first, $part),
            static fn (StepCalculation $w): bool => SandingAim::ToBare === $w->step->detail->aim
                || RecipeAnalysis::can($w, Ability::Strips, Ability::Scrapes),
        );
    }

    private function left(RecipeAnalysis $whole, PiecePart $part): float
    {
        $first = RecipeAnalysis::first($whole->on($part), RecipeAnalysis::lays(...));

        return null === $first ? 0.0 : max([0.0, ...array_map(static fn (Met $m): float => $m->oldLeft(), $whole->met($first, $part))]);
    }
}
