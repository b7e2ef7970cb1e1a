<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Film\Sections;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Work\StepCalculation;

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
        $wet = [];
        foreach ($whole->works as $i => $work) {
            $wet = isset($whole->works[$i - 1]) && $work->step->isWorkedInto($whole->works[$i - 1]->step) ? [...$wet, $work] : [$work];
            $next = $whole->works[$i + 1] ?? null;
            $sections = $work->sections();
            if (null === $sections || self::isKnown($sections, $work) || true === $next?->step->isWorkedInto($work->step)) {
                continue; // what is worked into one another is told once
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
            $several = \count(RecipeAnalysis::each($wet)) > 1;
            yield Finding::of(
                rule: $this,
                severity: Severity::Advise,
                steps: RecipeAnalysis::ids(array_reverse($wet)),
                why: \sprintf(
                    '%s for %d min but %s %d min to apply: %s.',
                    RecipeAnalysis::names($wet)
                        .($several ? ' stay workable' : ' stays workable'),
                    $work->drying->openTime->planned ?? 0,
                    $several ? 'together take' : 'takes',
                    (int) ceil($work->together) + $work->handsOn - $work->hands->minutes,
                    $how,
                ),
                remedies: null === $sections->count ? [] : [new Remedy(
                    'sections',
                    \sprintf('Work in %d sections', $sections->count),
                    ...array_map(
                        static fn (StepCalculation $w): Edit => Edit::change($w->step->id, StepChange::sections($sections->count)),
                        $wet,
                    ),
                )],
            );
        }
    }

    /** Does the painter say that it is worked in as many, or is one enough? */
    private static function isKnown(Sections $sections, StepCalculation $work): bool
    {
        return null !== $sections->count && $sections->count <= ($work->step->detail->sections ?? 1);
    }
}
