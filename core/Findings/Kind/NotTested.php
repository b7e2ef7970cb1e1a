<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Piece\FinishKind;

/**
 * A finish nobody knows is coated without a test.
 */
final class NotTested implements Rule
{
    public function key(): string
    {
        return 'not-tested';
    }

    public function name(): string
    {
        return 'Unknown old finish, not tested';
    }

    public function reason(): string
    {
        return 'Wax, silicone and shellac each make a coat fail differently. A rag and three drops tell them apart in minutes.';
    }

    public function source(): string
    {
        return 'Finishing practice: each test looks for what dissolves the finish.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->recipe->piece->parts as $part) {
            $first = RecipeAnalysis::first($whole->on($part), RecipeAnalysis::lays(...));
            if (
                FinishKind::Unknown === $part->finish->kind
                && [] === $part->tests
                && null !== $first
                && !$whole->isBare($part, $first)
            ) {
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Advise,
                    steps: [$first->step->id],
                    why: \sprintf('The finish on %s is unknown and untested. The field tests in Piece take ten minutes.', $part->name),
                    about: $part->id,
                );
            }
        }
    }
}
