<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\MaterialRequirement;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Ability;

/**
 * Distressing opens the wood and nothing seals it.
 */
final class BareAfterWear implements Rule
{
    public function key(): string
    {
        return 'bare-after-wear';
    }

    public function name(): string
    {
        return 'Distressing opens the wood and nothing seals it';
    }

    public function reason(): string
    {
        return 'Where a clear coat is sanded through, dirt and moisture get in and turn the wood grey.';
    }

    public function source(): string
    {
        return 'Finishing practice: a film protects only where it is whole.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        if ($whole->habits->holds('distress-and-wax', 'after')) {
            return;
        }
        foreach ($whole->works as $work) {
            if (!RecipeAnalysis::can($work, Ability::WearsDry, Ability::WearsWet)) {
                continue;
            }
            $parts = array_values(array_filter(
                $whole->recipe->partsOf($work->step),
                static fn (PiecePart $part): bool => null !== RecipeAnalysis::last(
                    $whole->before($work, $part),
                    RecipeAnalysis::protects(...),
                )
                    && null === RecipeAnalysis::first($whole->after($work, $part), RecipeAnalysis::protects(...)),
            ));
            if ([] !== $parts) {
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Advise,
                    steps: [$work->step->id],
                    why: \sprintf('“%s” goes through the clear coat and no later step seals it.', $work->step->name()),
                    remedies: [
                        new Remedy(
                            'wax',
                            'Add a clear wax at the end',
                            Edit::insert(
                                new NewStep(
                                    title: 'Clear wax',
                                    technique: 'waxed',
                                    parts: $whole->named($parts),
                                    uses: MaterialRequirement::clearWax(),
                                    wait: WaitUntil::Overnight,
                                ),
                                null,
                            ),
                        ),
                    ],
                    school: 'distress-and-wax',
                );
            }
        }
    }
}
