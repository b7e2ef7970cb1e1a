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
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Surface\Met;
use Inlaid\Core\Work\StepCalculation;

/**
 * No key on a glossy or unknown surface.
 */
final class NothingToHoldOn implements Rule
{
    public function key(): string
    {
        return 'nothing-to-hold-on';
    }

    public function name(): string
    {
        return 'No key on a glossy or unknown surface';
    }

    public function reason(): string
    {
        return 'Paint grips scratches or a grip primer. On gloss, laminate or factory lacquer it has neither and scratches '
            .'off with a fingernail.';
    }

    public function source(): string
    {
        return 'Coatings science: a film holds by scratches, by solvent bite or by a primer for the purpose.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        if ($whole->habits->holds('scuffing', 'no-prep')) {
            return;
        }
        $found = $whole->byStep(static function (PiecePart $part) use ($whole): ?StepCalculation {
            $first = RecipeAnalysis::first($whole->on($part), RecipeAnalysis::lays(...));
            if (null === $first || RecipeAnalysis::grips($first) || RecipeAnalysis::uses($first, MaterialKind::Wax, MaterialKind::Oil)) {
                return null;
            }

            return $whole->meets($first, $part, static fn (Met $m): bool => !$m->condition()->keyed) ? $first : null;
        });
        foreach ($found as [$work, $parts]) {
            $on = $whole->named($parts);
            $ground = $parts[0]->finish->isBare() ? $parts[0]->substrate->inWords() : $parts[0]->finish->inWords();
            yield Finding::of(
                rule: $this,
                severity: Severity::Warn,
                steps: [$work->step->id],
                why: \sprintf('“%s” goes straight onto %s and can\'t adhere.', $work->step->name(), $ground),
                remedies: [
                    new Remedy(
                        'scuff',
                        'Scuff-sand first',
                        Edit::insert(new NewStep('Scuff-sand', 'scuff-sanded', $on, grit: 240), $work->step->id),
                        Edit::insert(new NewStep('Remove dust', 'dusted', $on), $work->step->id),
                    ),
                    new Remedy(
                        'prime',
                        'Add a grip primer',
                        Edit::insert(
                            new NewStep(
                                title: 'Grip primer',
                                technique: 'brushed',
                                parts: $on,
                                uses: MaterialRequirement::gripPrimer(),
                                wait: WaitUntil::Recoat,
                            ),
                            $work->step->id,
                        ),
                    ),
                ],
                school: 'scuffing',
            );
        }
    }
}
