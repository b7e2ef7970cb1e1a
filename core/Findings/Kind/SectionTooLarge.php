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
        return 'More is laid than can be wiped in time';
    }

    public function reason(): string
    {
        return 'A wash, glaze or stain is wiped while it is wet; what has begun to set wipes off in streaks, and where two sections meet there is a line.';
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
                null === $sections->count => 'no section is small enough: leave it for less long, or mist it',
                default => \sprintf('lay and work it in %d sections of %s m² at most, from edge to edge%s', $sections->count, ExactNumber::plain(floor(100 * (float) $sections->area) / 100), 1 === $sections->withHelper ? '; with a helper who works right behind, in one' : ''),
            };
            yield Finding::of($this, Severity::Advise, [$work->step->id], \sprintf('"%s" takes %d min and stays wet for %d min: %s.', $work->step->name(), $work->handsOn, $work->drying->openTime->planned ?? 0, $how));
        }
    }
}
