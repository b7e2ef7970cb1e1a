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
use Inlaid\Core\Look\Liveliness;
use Inlaid\Core\Look\StackPreview;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Surface\SurfaceStep;
use Inlaid\Core\Work\StepCalculation;

/**
 * A late coat evens out what earlier steps made lively.
 */
final class Softened implements Rule
{
    /** By how much more of all life must be left for another order to be offered. */
    private const BETTER = 1.15;

    public function __construct(private readonly JudgeLook $judge = new JudgeLook())
    {
    }

    public function key(): string
    {
        return 'softened';
    }

    public function name(): string
    {
        return 'Late coat evens out the effect';
    }

    public function reason(): string
    {
        return 'A wash or glaze over the whole face pulls light and dark together. Under the effect it deepens the ground instead.';
    }

    public function source(): string
    {
        return 'The look before and after the step: contrast within the flat, edges and recesses against it (ΔE by CIEDE2000).';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        $told = [];
        foreach ($whole->stacks as $stack) {
            foreach ($stack->look->softened as $softened) {
                $work = $whole->work($softened->stepId);
                if (null !== $work && !isset($told[$softened->stepId]) && !self::buries($whole, $work)) {
                    $told[$softened->stepId] = true;
                    yield Finding::of(
                        rule: $this,
                        severity: Severity::Advise,
                        steps: [$softened->stepId],
                        why: \sprintf('“%s” %s.', $work->step->name(), $softened->inWords()),
                        remedies: fn (): array => [...$this->earlier($whole, $stack, $work), ...self::less($work)],
                    );
                }
            }
        }
    }

    /** What hides another step for good is told of that. */
    private static function buries(RecipeAnalysis $whole, StepCalculation $work): bool
    {
        foreach ($whole->stacks as $stack) {
            foreach ($stack->look->effects as $effect) {
                if ($effect->lost && $effect->buriedBy === $work->step->id) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Laid before the first step that is to be seen and after which more of all life is left.
     *
     * @return list<Remedy>
     */
    private function earlier(RecipeAnalysis $whole, StackPreview $stack, StepCalculation $work): array
    {
        $look = $stack->laid();
        $ids = array_map(static fn (SurfaceStep $d): string => $d->id, $look->doings);
        $at = (int) $look->indexOf($work->step->id);
        $now = Liveliness::of(JudgeLook::fewEnough($look), \count($ids))->sum();
        for ($before = $at - 1; $before >= 0; --$before) {
            $other = $whole->work($ids[$before]);
            if (null === $other || !$other->lays() || Purpose::Hide === $other->step->intent->purpose) {
                return [];
            }
            if ($this->judge->livelinessIf($look, $at, $before)->sum() > self::BETTER * $now) {
                return [new Remedy(
                    'earlier',
                    \sprintf('Lay it before “%s”', $other->step->name()),
                    Edit::move($work->step->id, $other->step->id),
                )];
            }
        }

        return [];
    }

    /**
     * Less of it: left when it is wiped, or applied.
     *
     * @return list<Remedy>
     */
    private static function less(StepCalculation $work): array
    {
        $left = $work->step->detail->left ?? $work->step->profile->left;
        $change = match (true) {
            $left < 1.0 => ['Leave half as much when you wipe', StepChange::left(round($left / 2, 2))],
            $work->lays() && FilmWeight::Thin !== $work->weight => ['Apply it thin', StepChange::weight(FilmWeight::Thin)],
            default => null,
        };

        return null === $change ? [] : [new Remedy('less', $change[0], Edit::change($work->step->id, $change[1]))];
    }
}
