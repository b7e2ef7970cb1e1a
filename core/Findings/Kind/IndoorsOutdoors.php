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
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Place;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Work\StepCalculation;

/**
 * Indoor finish on an outdoor piece.
 */
final class IndoorsOutdoors implements Rule
{
    public function key(): string
    {
        return 'indoors-outdoors';
    }

    public function name(): string
    {
        return 'Indoor finish on an outdoor piece';
    }

    public function reason(): string
    {
        return 'Without protection against rain, sun and frost a finish chalks, cracks or grows mould within a year.';
    }

    public function source(): string
    {
        return 'Coatings science: weathering by water, sun and frost.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        $use = $whole->recipe->piece->use->place;
        if (!$use->isOutdoors()) {
            return;
        }
        $found = $whole->byStep(static function (PiecePart $part) use ($whole): ?StepCalculation {
            $protects = RecipeAnalysis::last(
                $whole->on($part),
                static fn (StepCalculation $w): bool => RecipeAnalysis::lays($w) && !self::polishes($w),
            ) ?? RecipeAnalysis::last($whole->on($part), RecipeAnalysis::lays(...));

            return null !== $protects
                && RecipeAnalysis::contains($protects, static fn (Material $m): bool => !$m->outdoors && !$m->kind->thins())
                ? $protects
                : null;
        });
        foreach ($found as [$work, $parts]) {
            // no topcoat holds on wax
            $wax = self::polishes($work) ? $work : RecipeAnalysis::first($whole->after($work, $parts[0]), self::polishes(...));
            yield Finding::of(
                rule: $this,
                severity: Place::Weather === $use ? Severity::Stop : Severity::Warn,
                steps: [$work->step->id],
                why: \sprintf(
                    '“%s” is the protective coat but is for indoor use only. The piece will be used %s.',
                    $work->step->name(),
                    $use->inWords(),
                ),
                remedies: [
                    new Remedy(
                        'topcoat',
                        null === $wax
                            ? 'Add an outdoor topcoat over it'
                            : \sprintf('Add an outdoor topcoat before “%s”', $wax->step->name()),
                        Edit::insert(
                            new NewStep(
                                title: 'Outdoor topcoat',
                                technique: 'brushed',
                                parts: $whole->named($parts),
                                uses: MaterialRequirement::topcoat(true),
                                coats: 2,
                                wait: WaitUntil::Through,
                            ),
                            $wax?->step->id,
                        ),
                    ),
                ],
            );
        }
    }

    /** Wax is a polish over what protects, and wears off outdoors without harm. */
    private static function polishes(StepCalculation $work): bool
    {
        return RecipeAnalysis::uses($work, MaterialKind::Wax);
    }
}
