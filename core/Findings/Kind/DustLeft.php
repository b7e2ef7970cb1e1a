<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Surface\Soil;

/**
 * Sanding dust is left under a coat.
 */
final class DustLeft implements Rule
{
    public function key(): string
    {
        return 'dust-left';
    }

    public function name(): string
    {
        return 'Sanding dust is left under a coat';
    }

    public function reason(): string
    {
        return 'Dust makes a coat gritty and speckles stain. Vacuum and tack cloth: two minutes.';
    }

    public function source(): string
    {
        return 'Finishing practice.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->coatedOver(Soil::Dust) as $by => $coats) {
            $work = $whole->work($by);
            $parts = array_column($coats, 0);
            if (null !== $work) {
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Warn,
                    steps: [$work->step->id],
                    why: \sprintf('Dust from “%s” is still there when the next coat goes on.', $work->step->name()),
                    remedies: [
                        new Remedy(
                            'dust',
                            'Add a dusting step',
                            Edit::insert(new NewStep('Remove dust', 'dusted', $whole->named($parts)), $whole->next($work)),
                        ),
                    ],
                );
            }
        }
    }
}
