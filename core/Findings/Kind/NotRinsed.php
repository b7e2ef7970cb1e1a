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
use Inlaid\Core\Work\StepCalculation;

/**
 * No rinse after washing, stripping or bleaching.
 */
final class NotRinsed implements Rule
{
    public function key(): string
    {
        return 'not-rinsed';
    }

    public function name(): string
    {
        return 'No rinse after washing, stripping or bleaching';
    }

    public function reason(): string
    {
        return 'Residue keeps working under the next coat or stops it drying.';
    }

    public function source(): string
    {
        return 'Chemistry: residues of alkali, solvent and peroxide.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (!RecipeAnalysis::can($work, Ability::Cleans, Ability::Strips, Ability::Bleaches) || !RecipeAnalysis::leavesResidue($work)) {
                continue;
            }
            $parts = array_values(array_filter(
                $whole->recipe->partsOf($work->step),
                static function (PiecePart $part) use ($whole, $work): bool {
                    $next = RecipeAnalysis::first(
                        $whole->after($work, $part),
                        static fn (StepCalculation $w): bool => RecipeAnalysis::lays($w)
                            || RecipeAnalysis::can($w, Ability::Rinses, Ability::Neutralises),
                    );

                    return null !== $next && RecipeAnalysis::lays($next);
                },
            ));
            if ([] === $parts) {
                continue;
            }
            $next = RecipeAnalysis::first($whole->after($work, $parts[0]), RecipeAnalysis::lays(...));
            yield Finding::of(
                rule: $this,
                severity: RecipeAnalysis::can($work, Ability::Cleans) ? Severity::Warn : Severity::Stop,
                steps: [$work->step->id],
                why: \sprintf('No rinse between “%s” and “%s”.', $work->step->name(), $next?->step->name() ?? ''),
                remedies: [
                    new Remedy(
                        'rinse',
                        \sprintf('Rinse after “%s”', $work->step->name()),
                        Edit::insert(
                            new NewStep(
                                title: 'Rinse',
                                technique: 'rinsed',
                                parts: $whole->named($parts),
                                uses: MaterialRequirement::water(),
                                coats: 2,
                                wait: WaitUntil::Recoat,
                            ),
                            $whole->next($work),
                        ),
                    ),
                ],
            );
        }
    }
}
