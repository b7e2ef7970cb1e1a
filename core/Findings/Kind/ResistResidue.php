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
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Surface\Soil;

/**
 * A water-based coat goes over what a resist left behind.
 */
final class ResistResidue implements Rule
{
    public function key(): string
    {
        return 'resist-residue';
    }

    public function name(): string
    {
        return 'Resist residue is coated';
    }

    public function reason(): string
    {
        return 'Wax or grease from a resist stays on the exposed areas. Water-based coats crawl away from it.';
    }

    public function source(): string
    {
        return 'Coatings science: surface tension of water on wax.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->coatedOver(Soil::Resist) as $by => $coats) {
            $work = $whole->work($by);
            $wet = array_values(array_filter($coats, static fn (array $c): bool => RecipeAnalysis::isCarriedIn($c[1], Carrier::Water)));
            if (null === $work || [] === $wet) {
                continue;
            }
            [$parts, [[, $next]]] = [array_column($wet, 0), $wet];
            yield Finding::of(
                rule: $this,
                severity: Severity::Warn,
                steps: [$next->step->id, $work->step->id],
                why: \sprintf('“%s” is water-based and goes over residue from “%s”.', $next->step->name(), $work->step->name()),
                remedies: [
                    new Remedy(
                        'clean',
                        'Clean and rinse first',
                        Edit::insert(
                            new NewStep(
                                title: 'Clean off the resist',
                                technique: 'cleaned',
                                parts: $whole->named($parts),
                                uses: MaterialRequirement::cleaner(),
                                wait: WaitUntil::Nothing,
                            ),
                            $next->step->id,
                        ),
                        Edit::insert(
                            new NewStep(
                                title: 'Rinse',
                                technique: 'rinsed',
                                parts: $whole->named($parts),
                                uses: MaterialRequirement::water(),
                                wait: WaitUntil::Recoat,
                            ),
                            $next->step->id,
                        ),
                    ),
                ],
            );
        }
    }
}
