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
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Technique\Ability;

/**
 * Paper goes through the foil of a laminate.
 */
final class ThroughTheFoil implements Rule
{
    /** µm that a foil bears. */
    private const MOST = 15.0;

    public function key(): string
    {
        return 'through-the-foil';
    }

    public function name(): string
    {
        return 'Paper goes through the foil';
    }

    public function reason(): string
    {
        return 'Foil and laminate are a tenth of a millimetre or less. Fine paper dulls them; coarse paper goes through to the board.';
    }

    public function source(): string
    {
        return 'Finishing practice: thickness of decorative foils against what papers remove.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            $part = RecipeAnalysis::can($work, Ability::Sands, Ability::Scuffs) ? RecipeAnalysis::firstOf(
                $whole->recipe->partsOf($work->step),
                static fn (PiecePart $p): bool => SubstrateKind::Laminate === $p->substrate->kind && $p->finish->isBare(),
            ) : null;
            $covered = null !== $part && null !== RecipeAnalysis::first($whole->before($work, $part), RecipeAnalysis::lays(...));
            if (null !== $part && !$covered && $work->removes() > self::MOST) {
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Stop,
                    steps: [$work->step->id],
                    why: \sprintf('“%s” goes through the foil on %s. Only dull it with fine paper.', $work->step->name(), $part->name),
                    remedies: [
                        new Remedy(
                            'dull',
                            'Scuff-sand with grit 240',
                            Edit::change(
                                $work->step->id,
                                StepChange::technique('scuff-sanded'),
                                StepChange::grit(240),
                                StepChange::coats(1),
                            ),
                        ),
                    ],
                );
            }
        }
    }
}
