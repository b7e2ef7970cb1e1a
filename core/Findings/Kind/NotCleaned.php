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
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Surface\Soil;
use Inlaid\Core\Work\StepCalculation;

/**
 * Old finish isn't cleaned before coating.
 */
final class NotCleaned implements Rule
{
    public function key(): string
    {
        return 'not-cleaned';
    }

    public function name(): string
    {
        return 'Old finish isn\'t cleaned before coating';
    }

    public function reason(): string
    {
        return 'Years of grease, polish and wax stop a coat from adhering. Washing takes minutes; stripping a failed coat takes days.';
    }

    public function source(): string
    {
        return 'Coatings science: a film wets and joins only what is clean.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        $found = $whole->byStep(static function (PiecePart $part) use ($whole): ?StepCalculation {
            $first = RecipeAnalysis::first($whole->on($part), RecipeAnalysis::lays(...));

            return null === $first || null === $whole->soiled($first, $part, Soil::Grease) || self::isClean($whole, $part, $first)
                || self::isWaxed($whole, $part, $first)
                ? null
                : $first;
        });
        foreach ($found as [$work, $parts]) {
            $on = $whole->named($parts);
            yield Finding::of(
                rule: $this,
                severity: Severity::Warn,
                steps: [$work->step->id],
                why: \sprintf(
                    '“%s” goes onto %s that hasn\'t been %s.',
                    $work->step->name(),
                    $parts[0]->finish->isBare() ? $parts[0]->substrate->species : 'an old finish',
                    $parts[0]->finish->isBare() ? 'degreased' : 'washed',
                ),
                remedies: [
                    new Remedy(
                        'clean',
                        'Wash and rinse first',
                        Edit::insert(
                            new NewStep(
                                title: 'Wash off grease and polish',
                                technique: 'cleaned',
                                parts: $on,
                                uses: MaterialRequirement::cleaner(),
                            ),
                            $whole->works[0]->step->id,
                        ),
                        Edit::insert(
                            new NewStep(
                                title: 'Rinse',
                                technique: 'rinsed',
                                parts: $on,
                                uses: MaterialRequirement::water(),
                                wait: WaitUntil::Recoat,
                            ),
                            $whole->works[0]->step->id,
                        ),
                    ),
                ],
            );
        }
    }

    /** Old wax under something water-based is told by itself, and comes off with what else is there. */
    private static function isWaxed(RecipeAnalysis $whole, PiecePart $part, StepCalculation $first): bool
    {
        return '' === $whole->soiled($first, $part, Soil::Wax)
            && RecipeAnalysis::isCarriedIn($first, Carrier::Water)
            && !RecipeAnalysis::uses($first, MaterialKind::Wax);
    }

    /** Wood that was sanded or stripped bare is clean; what takes nothing in is as greasy as it was. */
    private static function isClean(RecipeAnalysis $whole, PiecePart $part, StepCalculation $first): bool
    {
        return $part->substrate->drinksAtAll() && $whole->isBare($part, $first);
    }
}
