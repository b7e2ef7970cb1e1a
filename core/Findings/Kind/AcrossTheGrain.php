<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Technique\Direction;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Work\StepCalculation;

/**
 * The last paper runs across the grain under a coat that shows it.
 */
final class AcrossTheGrain implements Rule
{
    public function key(): string
    {
        return 'across-the-grain';
    }

    public function name(): string
    {
        return 'The last paper runs across the grain under a coat that shows it';
    }

    public function reason(): string
    {
        return 'Scratches across the fibres stay dark under stain and shine under clear coats; along the fibres they are lost among them.';
    }

    public function source(): string
    {
        return 'Finishing practice; optics of scratches against the direction of the fibres.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (!RecipeAnalysis::lays($work) || RecipeAnalysis::isOpaque($work)) {
                continue;
            }
            foreach ($whole->recipe->partsOf($work->step) as $part) {
                $last = Grain::None === $part->substrate->grain ? null : RecipeAnalysis::last($whole->before($work, $part), static fn (StepCalculation $w): bool => RecipeAnalysis::is($w, 'sanded', 'scuff-sanded') || RecipeAnalysis::lays($w));
                $crosses = null !== $last && !RecipeAnalysis::lays($last) && (Direction::Across === $last->step->detail->strokes || Direction::Any === $last->step->detail->strokes && Tool::Hand === $last->step->tool());
                if ($crosses) {
                    yield Finding::of($this, Severity::Warn, [$last->step->id, $work->step->id], \sprintf('"%s" is led %s, and "%s" shows its scratches.', $last->step->name(), $last->step->detail->strokes->inWords(), $work->step->name()), [
                        new Remedy('along', 'Sand with the grain', Edit::change($last->step->id, ['strokes' => Direction::Along->value])),
                    ]);
                    break;
                }
            }
        }
    }
}
