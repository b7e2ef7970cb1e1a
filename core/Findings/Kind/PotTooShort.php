<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Mixing;
use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Measure\Duration;

/**
 * Pot goes off before it is used up.
 */
final class PotTooShort implements Rule
{
    /** What keeps no longer than so many minutes nobody expects to use for the next coat. */
    private const SOON = 120;

    public function key(): string
    {
        return 'pot-too-short';
    }

    public function name(): string
    {
        return 'Pot goes off before it is used up';
    }

    public function reason(): string
    {
        return 'Mix what you can apply within its pot life.';
    }

    public function source(): string
    {
        return 'Chemistry: setting begins at mixing and is quicker in the warm; the label gives the time.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            $pot = $work->drying?->potLife?->planned;
            if (null !== $pot && $pot < $work->handsOn) {
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Advise,
                    steps: [$work->step->id],
                    why: \sprintf(
                        'One coat of “%s” takes %d min; the pot life is %d min. Mix it in %d batches.',
                        $work->step->name(),
                        $work->handsOn,
                        $pot,
                        (int) ceil($work->handsOn / max(1, $pot)),
                    ),
                );
            }
            $mixings = $whole->planned->mixings[$work->step->id] ?? [];
            if (null !== $pot && \count($mixings) > 1 && $pot >= max(self::SOON, $work->handsOn)) {
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Advise,
                    steps: [$work->step->id],
                    why: \sprintf(
                        'What is mixed for “%s” keeps %s and is over before its last coat. Mix %d times, for %s.',
                        $work->step->name(),
                        Duration::inWords($pot),
                        \count($mixings),
                        implode(' and for ', array_map(static fn (Mixing $m): string => $m->inWords(), $mixings)),
                    ),
                    about: 'coats',
                );
            }
        }
    }
}
