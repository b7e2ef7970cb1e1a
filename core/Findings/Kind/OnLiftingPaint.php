<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Piece\FinishState;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Work\StepCalculation;

/**
 * A coat goes onto an old finish that is coming off.
 */
final class OnLiftingPaint implements Rule
{
    public function key(): string
    {
        return 'on-lifting-paint';
    }

    public function name(): string
    {
        return 'Coat goes onto a finish that is coming off';
    }

    public function reason(): string
    {
        return 'What lifts takes everything on it along. No primer holds it down.';
    }

    public function source(): string
    {
        return 'Coatings science: a stack of films holds only as well as its weakest joint.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        $found = $whole->byStep(static function (PiecePart $part) use ($whole): ?StepCalculation {
            $lifts = FinishState::Lifting === $part->finish->state || 'lifts' === ($part->tests['tape'] ?? null);
            $first = $lifts ? RecipeAnalysis::first($whole->on($part), RecipeAnalysis::lays(...)) : null;

            return null === $first || $whole->isBare($part, $first) ? null : $first;
        });
        foreach ($found as [$work, $parts]) {
            yield Finding::of(
                rule: $this,
                severity: Severity::Stop,
                steps: [$work->step->id],
                why: \sprintf(
                    '“%s” goes onto %s on %s, which is coming off.%s',
                    $work->step->name(),
                    $parts[0]->finish->kind->inWords(),
                    implode(', ', array_map(static fn (PiecePart $p): string => $p->name, $parts)),
                    $parts[0]->mayHoldLead()
                        ? ' It may contain lead: work wet and make no dust. Follow the label, the safety data sheet and local rules.'
                        : '',
                ),
                remedies: [
                    Remedy::strip(
                        text: 'Strip and rinse first',
                        title: 'Strip',
                        parts: $whole->named($parts),
                        before: $whole->works[0]->step->id,
                    ),
                ],
            );
        }
    }
}
