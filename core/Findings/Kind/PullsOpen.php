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
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Pulls;
use Inlaid\Core\Technique\Ability;

/**
 * Wear is planned before the handles are placed.
 */
final class PullsOpen implements Rule
{
    public function key(): string
    {
        return 'pulls-open';
    }

    public function name(): string
    {
        return 'Wear is planned before the handles are placed';
    }

    public function reason(): string
    {
        return 'A door or drawer wears around its handle. Wear in the wrong place looks like a mistake.';
    }

    public function source(): string
    {
        return 'Observation: where natural wear falls.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (!RecipeAnalysis::can($work, Ability::LaysResist, Ability::WearsDry, Ability::WearsWet)) {
                continue;
            }
            $parts = $whole->recipe->partsOf($work->step);
            $open = array_values(array_filter($parts, static fn (PiecePart $p): bool => Pulls::Open === $p->pulls));
            if ([] === $open) {
                continue;
            }
            $rest = array_map(
                static fn (PiecePart $p): string => $p->id,
                array_values(array_filter($parts, static fn (PiecePart $p): bool => !\in_array($p, $open, true))),
            );
            yield Finding::of(
                rule: $this,
                severity: RecipeAnalysis::can($work, Ability::LaysResist) ? Severity::Warn : Severity::Advise,
                steps: [$work->step->id],
                why: \sprintf(
                    'Handle position on %s is undecided, but “%s” already wears it there.',
                    implode(', ', array_map(static fn (PiecePart $p): string => $p->name, $open)),
                    $work->step->name(),
                ),
                remedies: [
                    [] === $rest
                        ? new Remedy('without', 'Leave it out until the handles are placed', Edit::takeOut($work->step->id))
                        : new Remedy(
                            'elsewhere',
                            'Leave these parts out until then',
                            Edit::change($work->step->id, StepChange::parts($rest)),
                        ),
                ],
            );
        }
    }
}
