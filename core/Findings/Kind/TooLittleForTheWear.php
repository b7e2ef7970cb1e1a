<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\MaterialRequirement;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Wear;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Work\StepCalculation;

/**
 * Last coat is too weak for the wear.
 */
final class TooLittleForTheWear implements Rule
{
    public function key(): string
    {
        return 'too-little-for-the-wear';
    }

    public function name(): string
    {
        return 'Last coat is too weak for the wear';
    }

    public function reason(): string
    {
        return 'Chalky paint and bare stain mark as soon as they are touched. Daily wear needs wax, oil or a clear coat. '
            .'Heavy wear needs one that cures hard.';
    }

    public function source(): string
    {
        return 'Finishing practice: resistance of each class of film to rubbing.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        $wear = $whole->recipe->piece->use->wear;
        if (Wear::Light === $wear) {
            return;
        }
        $found = $whole->byStep(static function (PiecePart $part) use ($whole): ?StepCalculation {
            $last = RecipeAnalysis::last($whole->on($part), RecipeAnalysis::lays(...));
            $soft = null !== $last && !RecipeAnalysis::uses($last, MaterialKind::Topcoat, MaterialKind::Oil, MaterialKind::Wax)
                && RecipeAnalysis::contains(
                    $last,
                    static fn (Material $m): bool => MaterialKind::Stain === $m->kind || \in_array($m->sheen, [Sheen::Chalky], true),
                );

            return $soft ? $last : null;
        });
        foreach ($found as [$work, $parts]) {
            yield Finding::of(
                rule: $this,
                severity: Wear::Hard === $wear ? Severity::Warn : Severity::Advise,
                steps: [$work->step->id],
                why: \sprintf('“%s” is the last coat; expected wear is %s.', $work->step->name(), $wear->value),
                remedies: [
                    new Remedy(
                        'topcoat',
                        'Add a clear topcoat',
                        Edit::insert(
                            new NewStep(
                                title: 'Clear topcoat',
                                technique: 'brushed',
                                parts: $whole->named($parts),
                                uses: MaterialRequirement::topcoat($whole->recipe->piece->use->place->isOutdoors()),
                                coats: 2,
                                wait: WaitUntil::Through,
                            ),
                            null,
                        ),
                    ),
                ],
            );
        }
    }
}
