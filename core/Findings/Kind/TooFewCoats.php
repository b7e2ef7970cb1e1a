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
use Inlaid\Core\Look\JudgeLook;
use Inlaid\Core\Look\LookHides;
use Inlaid\Core\Measure\ExactNumber;

/**
 * What is to hide does not.
 */
final class TooFewCoats implements Rule
{
    /** ΔE beyond which anybody sees the ground through it. */
    private const PLAIN = 3.0;

    public function key(): string
    {
        return 'too-few-coats';
    }

    public function name(): string
    {
        return 'Too few coats to hide';
    }

    public function reason(): string
    {
        return 'A thin or thinned coat hides less.';
    }

    public function source(): string
    {
        return 'Optics of scattering films (Kubelka and Munk, 1931), from the hiding and the colour stated.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            $worst = $this->worst($whole, $work->step->id);
            // Done until it hides, it will be done as often as that takes.
            if (
                null === $worst
                || $worst->off <= JudgeLook::HIDES
                || (null !== $work->step->repeat && null !== $worst->coats && $worst->coats <= $work->step->repeat->most)
            ) {
                continue;
            }
            $remedies = null === $worst->coats
                ? []
                : [new Remedy(
                    'coats',
                    \sprintf('%d coats', $worst->coats),
                    Edit::change($work->step->id, StepChange::coats($worst->coats)),
                )];
            yield Finding::of(
                rule: $this,
                severity: $worst->off > self::PLAIN ? Severity::Warn : Severity::Advise,
                steps: [$work->step->id],
                why: \sprintf(
                    '“%s” should hide, but the surface below shows by ΔE %s on flat areas%s.',
                    $work->step->name(),
                    ExactNumber::plain($worst->off, 1),
                    null === $worst->coats ? '; more coats like these won\'t hide it' : \sprintf(': use %d coats', $worst->coats),
                ),
                remedies: null === $work->step->repeat ? $remedies : [],
            );
        }
    }

    private function worst(RecipeAnalysis $whole, string $stepId): ?LookHides
    {
        $worst = null;
        foreach ($whole->stacks as $stack) {
            // What a later coat is to hide need not hide by itself.
            $last = $stack->look->hides[\count($stack->look->hides) - 1] ?? null;
            $worst = $last?->stepId === $stepId && $last->off > ($worst->off ?? 0.0) ? $last : $worst;
        }

        return $worst;
    }
}
