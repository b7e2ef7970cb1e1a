<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Surface\Met;

/**
 * Coarse scratches show under a satin or dark coat.
 */
final class CoarseUnderSheen implements Rule
{
    /** The paper from which paint fills the scratches. */
    private const FINE = 120;

    public function key(): string
    {
        return 'coarse-under-sheen';
    }

    public function name(): string
    {
        return 'Coarse scratches will show through';
    }

    public function reason(): string
    {
        return 'Paint fills fine scratches. Those of a coarse paper stay, and a satin or dark coat shows each of them.';
    }

    public function source(): string
    {
        return 'Abrasive grading: depth of scratches against the films over them.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            $shows = \in_array($work->character?->sheen, [Sheen::Satin, Sheen::Gloss], true)
                && Purpose::Hide === $work->step->intent->purpose;
            foreach ($shows && RecipeAnalysis::lays($work) ? $whole->recipe->partsOf($work->step) : [] as $part) {
                $coarse = array_values(array_filter(
                    array_map(static fn (Met $m) => $m->condition()->marks, $whole->met($work, $part)),
                    static fn ($marks): bool => null !== $marks && $marks->grit < self::FINE,
                ))[0] ?? null;
                $sanded = $whole->work($coarse->stepId ?? '');
                if (null === $coarse || null === $sanded) {
                    continue;
                }
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Warn,
                    steps: [$sanded->step->id, $work->step->id],
                    why: \sprintf('“%s” shows the scratches of grit %d.', $work->step->name(), $coarse->grit),
                    remedies: [
                        new Remedy(
                            'finer',
                            'Sand with grit 180 as well',
                            Edit::insert(
                                new NewStep('Sand to 180', 'sanded', $whole->named($whole->recipe->partsOf($sanded->step)), grit: 180),
                                $whole->next($sanded),
                            ),
                        ),
                    ],
                );
                break;
            }
        }
    }
}
