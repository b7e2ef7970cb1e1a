<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Look\JudgeLook;
use Inlaid\Core\Look\StackPreview;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Surface\LaidSurface;
use Inlaid\Core\Technique\Hand;
use Inlaid\Core\Technique\Workmanship;
use Inlaid\Core\Work\StepCalculation;

/**
 * More or less of the ground shows than was meant to.
 */
final class GroundShows implements Rule
{
    /** By how much it may differ. */
    private const OFF = 0.15;

    public function __construct(private readonly JudgeLook $judge = new JudgeLook())
    {
    }

    public function key(): string
    {
        return 'ground-shows';
    }

    public function name(): string
    {
        return 'Ground shows more or less than planned';
    }

    public function reason(): string
    {
        return 'How much of the ground a broken coat leaves is what gives it its look. The hand, the weight and the number of '
            .'coats set it.';
    }

    public function source(): string
    {
        return 'The look before and after the step, against that of a coat that hides (ΔE by CIEDE2000).';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            $meant = $work->step->intent->shows;
            $stack = null === $meant ? null : $this->stackOf($whole, $work);
            $look = $stack?->laid();
            $at = $look?->indexOf($work->step->id);
            if (null === $meant || null === $stack || null === $look || null === $at || $work->step->isFurtherColour()) {
                continue;
            }
            $shows = $this->shows($whole, $look, $work);
            if (null !== $shows && abs($shows - $meant) > self::OFF) {
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Advise,
                    steps: [$work->step->id],
                    why: \sprintf(
                        'About %d %% of the ground shows through “%s”; planned was %d %%.',
                        5 * (int) round(20 * $shows),
                        $work->step->name(),
                        (int) round(100 * $meant),
                    ),
                    remedies: fn (): array => $this->nearer(look: $stack, at: $at, work: $work, meant: $meant),
                );
            }
        }
    }

    /** What shows after it; the colours of a blend cover one beside the other, so what they cover adds up. */
    private function shows(RecipeAnalysis $whole, LaidSurface $look, StepCalculation $work): ?float
    {
        $covered = [];
        foreach ($whole->works as $colour) {
            $at = Step::documentId($colour->step->id) === $work->step->id ? $look->indexOf($colour->step->id) : null;
            $shows = null === $at ? null : $this->judge->shows($look, $at);
            if (null !== $shows) {
                $covered[] = 1 - $shows;
            }
        }

        return [] === $covered ? null : max(0.0, 1 - array_sum($covered));
    }

    private function stackOf(RecipeAnalysis $whole, StepCalculation $work): ?StackPreview
    {
        foreach ($whole->stacks as $stack) {
            if (null !== $stack->laid()->indexOf($work->step->id)) {
                return $stack;
            }
        }

        return null;
    }

    /**
     * The hand, weight or number of coats with which what shows is nearest to what is meant, if it is near enough.
     *
     * @return list<Remedy>
     */
    private function nearer(StackPreview $look, int $at, StepCalculation $work, float $meant): array
    {
        $step = $look->laid()->doings[$at];
        $detail = $work->step->detail;
        $tries = [];
        foreach (Hand::cases() as $hand) {
            $pattern = $work->step->technique->pattern(new Workmanship(hand: $hand, strokes: $detail->strokes, where: $detail->where));
            $tries[] = [$step->with($pattern, $step->film), 'with a '.$hand->value.' hand', StepChange::hand($hand)];
        }
        foreach (FilmWeight::cases() as $weight) {
            $tries[] = [
                $step->laid($weight->factor() / $work->weight->factor()),
                FilmWeight::Normal === $weight ? 'in normal coats' : 'in '.$weight->value.' coats',
                StepChange::weight($weight),
            ];
        }
        foreach (range(1, 4) as $coats) {
            $tries[] = [
                $step->laid($coats / max(1, $work->rounds())),
                1 === $coats ? 'in one coat' : "in $coats coats",
                StepChange::coats($coats),
            ];
        }
        $best = null;
        foreach ($tries as [$instead, $how, $change]) {
            $off = abs(($this->judge->shows($look->laid(), $at, $instead) ?? 9.9) - $meant);
            $best = $off < ($best[0] ?? self::OFF) ? [$off, $how, $change] : $best;
        }

        return null === $best ? [] : [new Remedy('as-planned', 'Apply it '.$best[1], Edit::change($work->step->id, $best[2]))];
    }
}
