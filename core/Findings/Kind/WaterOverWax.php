<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Piece\FinishKind;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Work\StepCalculation;

/**
 * Water-based coat over wax.
 */
final class WaterOverWax implements Rule
{
    public function key(): string
    {
        return 'water-over-wax';
    }

    public function name(): string
    {
        return 'Water-based coat over wax';
    }

    public function reason(): string
    {
        return 'Water-based coats bead up on wax and peel. Put wax last, or use it sparingly, cured and on details only.';
    }

    public function source(): string
    {
        return 'Coatings science: surface tension of water on wax.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        $waxed = array_filter($whole->recipe->piece->parts, static fn (PiecePart $p): bool => FinishKind::Waxed === $p->finish->kind);
        if (
            [] === $waxed
            && null === RecipeAnalysis::first(
                $whole->works,
                static fn (StepCalculation $w): bool => RecipeAnalysis::uses($w, MaterialKind::Wax),
            )
        ) {
            return;
        }
        foreach ($whole->works as $work) {
            if (
                !RecipeAnalysis::lays($work)
                || !RecipeAnalysis::isCarriedIn($work, Carrier::Water)
                || RecipeAnalysis::uses($work, MaterialKind::Wax)
            ) {
                continue;
            }
            foreach ($whole->recipe->partsOf($work->step) as $part) {
                $wax = RecipeAnalysis::last(
                    $whole->before($work, $part),
                    static fn (StepCalculation $w): bool => RecipeAnalysis::uses($w, MaterialKind::Wax)
                        || RecipeAnalysis::can($w, Ability::Strips, Ability::Sands),
                );
                $old = null === $wax
                    && FinishKind::Waxed === $part->finish->kind
                    && !$whole->isStripped($part, $work)
                    && null === RecipeAnalysis::first(
                        $whole->before($work, $part),
                        static fn (StepCalculation $w): bool => RecipeAnalysis::can($w, Ability::Cleans, Ability::Sands),
                    );
                if ($old) {
                    yield Finding::of(
                        rule: $this,
                        severity: Severity::Stop,
                        steps: [$work->step->id],
                        why: \sprintf(
                            '“%s” is water-based and %s %s waxed.',
                            $work->step->name(),
                            $part->name,
                            $part->isPlural() ? 'are' : 'is',
                        ),
                        remedies: [
                            Remedy::strip(
                                text: 'Remove the wax first',
                                title: 'Remove the wax',
                                part: $part->id,
                                before: $whole->works[0]->step->id,
                            ),
                        ],
                        about: $part->id,
                    );
                }
                if (null === $wax || !RecipeAnalysis::uses($wax, MaterialKind::Wax) || $this->isDetail($whole, $wax)) {
                    continue;
                }
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Stop,
                    steps: [$work->step->id, $wax->step->id],
                    why: \sprintf('“%s” is water-based and goes over “%s”. It will peel.', $work->step->name(), $wax->step->name()),
                    remedies: [
                        new Remedy(
                            'last',
                            \sprintf('Wax after “%s”', $work->step->name()),
                            Edit::move($wax->step->id, $whole->next($work)),
                        ),
                    ],
                    school: 'wax-and-topcoat',
                );
                break;
            }
        }
    }

    private function isDetail(RecipeAnalysis $whole, StepCalculation $wax): bool
    {
        return $whole->habits->holds('wax-and-topcoat', 'detail-under') && !$wax->covers() && WaitUntil::Cure === $wax->step->wait->until;
    }
}
