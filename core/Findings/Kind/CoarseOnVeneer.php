<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Work\WorkOutSanding;

/**
 * The first paper on a veneer is too coarse.
 */
final class CoarseOnVeneer implements Rule
{
    public function key(): string
    {
        return 'coarse-on-veneer';
    }

    public function name(): string
    {
        return 'The first paper on a veneer is too coarse';
    }

    public function reason(): string
    {
        return 'Coarse scratches in a thin veneer cannot be sanded out again before it is through.';
    }

    public function source(): string
    {
        return 'Abrasive grading: mean particle size of each grit.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            $grit = $work->step->detail->grit;
            if (!RecipeAnalysis::is($work, 'sanded') || null === $grit || $grit >= 120) {
                continue;
            }
            foreach ($whole->recipe->partsOf($work->step) as $part) {
                if (null !== WorkOutSanding::veneer($part)) {
                    yield Finding::of($this, Severity::Warn, [$work->step->id], \sprintf('Grit %d is too coarse for the veneer of %s.', $grit, $part->name), [
                        new Remedy('finer', 'Begin with 150', Edit::change($work->step->id, ['grit' => 150])),
                    ]);
                    break;
                }
            }
        }
    }
}
