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
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Surface\Soil;
use Inlaid\Core\Technique\Ability;

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
        foreach ($whole->coatedOver(Soil::Rinse) as $by => $coats) {
            $work = $whole->work($by);
            if (null === $work) {
                continue;
            }
            [$parts, [[, $next]]] = [array_column($coats, 0), $coats];
            yield Finding::of(
                rule: $this,
                severity: RecipeAnalysis::can($work, Ability::Cleans) ? Severity::Warn : Severity::Stop,
                steps: [$work->step->id],
                why: \sprintf('No rinse between “%s” and “%s”.', $work->step->name(), $next->step->name()),
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
