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
use Inlaid\Core\Material\Bleed;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Work\StepCalculation;

/**
 * Steel particles will stain tannin-rich wood.
 */
final class IronInTannin implements Rule
{
    public function key(): string
    {
        return 'iron-in-tannin';
    }

    public function name(): string
    {
        return 'Steel particles will stain tannin-rich wood';
    }

    public function reason(): string
    {
        return 'Steel left in oak, chestnut or walnut turns blue-black when water reaches it and doesn\'t wash out.';
    }

    public function source(): string
    {
        return 'Chemistry: iron and tannic acid make ink.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            $tool = $work->step->tool();
            if (true !== $tool?->leavesIron()) {
                continue;
            }
            foreach ($whole->recipe->partsOf($work->step) as $part) {
                $wet = $this->wets($whole, $work, $part);
                if (null !== $wet) {
                    $other = array_values(array_filter(
                        $work->step->profile->tools,
                        static fn (Tool $t): bool => !$t->leavesIron() && Tool::MetalScraper !== $t && Tool::Machine !== $t,
                    ));
                    yield Finding::of(
                        rule: $this,
                        severity: Severity::Warn,
                        steps: [$work->step->id, $wet->step->id],
                        why: \sprintf(
                            '%s %s tannin. Particles from %s turn black when “%s” wets them.',
                            $part->name,
                            $part->isPlural() ? 'have' : 'has',
                            $tool->inWords(),
                            $wet->step->name(),
                        ),
                        remedies: array_map(
                            static fn (Tool $t): Remedy => new Remedy(
                                $t->value,
                                \sprintf('Work %s instead', Tool::Hand === $t ? $t->inWords() : 'with '.$t->inWords()),
                                Edit::change($work->step->id, StepChange::tool($t)),
                            ),
                            $other,
                        ),
                    );
                    break;
                }
            }
        }
    }

    /**
     * The first step that wets the wood with water after it, unless the wood was closed before or is by then.
     */
    private function wets(RecipeAnalysis $whole, StepCalculation $work, PiecePart $part): ?StepCalculation
    {
        if (
            !\in_array(Bleed::Tannin, $part->substrate->bleeds, true)
            || null !== RecipeAnalysis::first($whole->before($work, $part), RecipeAnalysis::seals(...))
        ) {
            return null;
        }
        $next = RecipeAnalysis::first(
            $whole->after($work, $part),
            static fn (StepCalculation $w): bool => RecipeAnalysis::isCarriedIn($w, Carrier::Water) || RecipeAnalysis::seals($w),
        );

        return null !== $next && RecipeAnalysis::isCarriedIn($next, Carrier::Water) ? $next : null;
    }
}
