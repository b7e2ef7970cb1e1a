<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Technique\Workmanship;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\StepCalculation;

/**
 * Pores are to be filled with colour where there are none.
 */
final class LimeOnCloseGrain implements Rule
{
    public function key(): string
    {
        return 'lime-on-close-grain';
    }

    public function name(): string
    {
        return 'Close-grained wood has no pores to lime';
    }

    public function reason(): string
    {
        return 'Liming shows in open pores. On close grain it wipes off and leaves a faint haze.';
    }

    public function source(): string
    {
        return 'Wood science: the width of the pores of each species.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            $parts = !self::fillsPores($work) ? [] : array_values(array_filter(
                $whole->recipe->partsOf($work->step),
                static fn (PiecePart $p): bool => Grain::Open !== $p->substrate->grain,
            ));
            if ([] !== $parts) {
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Warn,
                    steps: [$work->step->id],
                    why: \sprintf(
                        '“%s” is meant for pores; %s of %s has next to none.',
                        $work->step->name(),
                        implode(', ', array_map(static fn (PiecePart $p): string => $p->name, $parts)),
                        $parts[0]->substrate->inWords(),
                    ),
                );
            }
        }
    }

    /** Does it go into pores more than into anything else, and is it meant to? */
    private static function fillsPores(StepCalculation $work): bool
    {
        $pattern = $work->step->technique->pattern(new Workmanship());

        return Purpose::Pores === $work->step->intent->purpose && $pattern->mean(Zone::Pore) > $pattern->mean(Zone::Recess);
    }
}
