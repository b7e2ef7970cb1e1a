<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Film\GritLadder;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Work\StepCalculation;

/**
 * A step of the grit ladder is missing.
 */
final class GapInTheLadder implements Rule
{
    public function key(): string
    {
        return 'gap-in-the-ladder';
    }

    public function name(): string
    {
        return 'A step of the grit ladder is missing';
    }

    public function reason(): string
    {
        return 'Each paper takes out the scratches of the one before; particles less than half as large leave them, and stain shows every one.';
    }

    public function source(): string
    {
        return 'Abrasive grading: mean particle size of each grit.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (!RecipeAnalysis::is($work, 'sanded') || null === $work->step->detail->grit) {
                continue;
            }
            foreach ($whole->recipe->partsOf($work->step) as $part) {
                $before = RecipeAnalysis::last($whole->before($work, $part), static fn (StepCalculation $w): bool => RecipeAnalysis::is($w, 'sanded') || RecipeAnalysis::lays($w) || RecipeAnalysis::is($w, 'filled'));
                $from = null !== $before && RecipeAnalysis::is($before, 'sanded') && $whole->aim($work, $part)->continues($whole->aim($before, $part)) ? $before->step->detail->grit : null;
                $to = $work->step->detail->grit;
                if (null === $from || !GritLadder::isGap($from, $to)) {
                    continue;
                }
                $middle = GritLadder::between($from, $to);
                yield Finding::of($this, Severity::Advise, [$work->step->id], \sprintf('From %d to %d the particles shrink from %s to %s µm at once: the old scratches stay.', $from, $to, ExactNumber::plain(GritLadder::particle($from), 0), ExactNumber::plain(GritLadder::particle($to), 0)), [
                    new Remedy('between', \sprintf('Sand with %d between them', $middle), Edit::insert(new NewStep(\sprintf('Sand to %d', $middle), 'sanded', $whole->named($whole->recipe->partsOf($work->step)), grit: $middle), $work->step->id)),
                ]);
                break;
            }
        }
    }
}
