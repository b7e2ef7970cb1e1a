<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Findings\Whole;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Preview\Gravity;

/**
 * A wet section is larger than its open time.
 */
final class SectionTooLarge implements Rule
{
    /** What is worked while it is wet. */
    private const WIPED = ['glazed-wiped', 'washed-wiped', 'stained-wiped', 'limed', 'glaze-feathered', 'blended'];

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

    public function check(Whole $whole): iterable
    {
        foreach ($whole->works as $work) {
            $open = $work->drying?->openTime?->planned;
            if (null === $open || $work->handsOn <= $open || !Whole::is($work, ...self::WIPED)) {
                continue;
            }
            $sections = (int) ceil($work->handsOn / max(1, $open));
            yield Finding::of($this, Gravity::Advise, [$work->step->id], \sprintf('"%s" takes %d min and stays wet for %d min: lay and wipe it in %d sections of %s m² at most, from edge to edge.', $work->step->name(), $work->handsOn, $open, $sections, ExactNumber::plain(floor(100 * $work->area * $open / $work->handsOn) / 100)));
        }
    }
}
