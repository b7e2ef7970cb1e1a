<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Measure\ExactNumber;

/**
 * A wet section is larger than its open time.
 */
final class SectionTooLarge implements Rule
{
    public function key(): string
    {
        return 'section-too-large';
    }

    public function name(): string
    {
        return 'Sets before you can wipe it';
    }

    public function reason(): string
    {
        return 'Wash, glaze and stain are wiped while wet. Once they set you get streaks and lap lines.';
    }

    public function source(): string
    {
        return 'Finishing practice: open time against the pace of the hand.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            $sections = $work->sections();
            if (null === $sections || 1 === $sections->count) {
                continue;
            }
            $how = match (true) {
                null === $sections->count => 'even small sections set too fast: shorten the dwell or mist the surface',
                default => \sprintf(
                    'work in %d sections of up to %s m², wet edge to wet edge%s',
                    $sections->count,
                    ExactNumber::plain(floor(100 * (float) $sections->area) / 100),
                    1 === $sections->withHelper ? ' (one section with a helper right behind you)' : '',
                ),
            };
            yield Finding::of(
                rule: $this,
                severity: Severity::Advise,
                steps: [$work->step->id],
                why: \sprintf(
                    '“%1$s” stays workable for %3$d min but takes %2$d min to apply: %4$s.',
                    $work->step->name(),
                    $work->handsOn,
                    $work->drying->openTime->planned ?? 0,
                    $how,
                ),
            );
        }
    }
}
