<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Work\Reached;
use Inlaid\Core\Work\WorkOutReach;

/**
 * A coat reaches wood that must stay open.
 */
final readonly class NotMasked implements Rule
{
    public function __construct(private WorkOutReach $reach = new WorkOutReach())
    {
    }

    public function key(): string
    {
        return 'not-masked';
    }

    public function name(): string
    {
        return 'A coat reaches wood that must stay open';
    }

    public function reason(): string
    {
        return 'Primer and paint that creep or drip into open wood block its pores for good. A spray gun carries them '
            .'everywhere. Tape takes minutes.';
    }

    public function source(): string
    {
        return 'Finishing practice: what soaks into end grain and pores is not wiped off again.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            $open = !RecipeAnalysis::lays($work) && !RecipeAnalysis::can($work, Ability::Bleaches, Ability::Strips)
                ? []
                : array_values(array_filter(
                    $whole->reached($this->reach, $work),
                    static fn (Reached $r): bool => $r->seen && !$r->masked,
                ));
            if ([] !== $open) {
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Warn,
                    steps: [$work->step->id],
                    why: \sprintf(
                        '“%s” %s %s, where it would show.',
                        $work->step->name(),
                        $open[0]->how->inWords(),
                        implode(', ', array_map(static fn (Reached $r): string => $r->name, $open)),
                    ),
                    remedies: [
                        new Remedy(
                            'mask',
                            'Mask it',
                            Edit::change(
                                $work->step->id,
                                StepChange::masks([
                                    ...$work->step->detail->masks,
                                    ...array_map(static fn (Reached $r): string => $r->part, $open),
                                ]),
                            ),
                        ),
                    ],
                );
            }
        }
    }
}
