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
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Surface\Soil;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\StepCalculation;

/**
 * Water-based coat over wax.
 */
final class WaterOverWax implements Rule
{
    /** The share of a zone from which wax on it is told. */
    private const SOME = 0.03;

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
        foreach ($whole->works as $work) {
            if (
                !RecipeAnalysis::lays($work)
                || !RecipeAnalysis::isCarriedIn($work, Carrier::Water)
                || RecipeAnalysis::uses($work, MaterialKind::Wax)
            ) {
                continue;
            }
            foreach ($whole->recipe->partsOf($work->step) as $part) {
                $wax = $this->under($whole, $work, $part);
                if ('' === $whole->soiled($work, $part, Soil::Wax) && !$whole->isBare($part, $work)) {
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
                                parts: [$part->id],
                                before: $whole->works[0]->step->id,
                            ),
                        ],
                        about: $part->id,
                    );
                }
                if (null === $wax || $this->isDetail($whole, $wax)) {
                    continue;
                }
                $waxes = array_values(array_filter(
                    $whole->before($work, $part),
                    fn (StepCalculation $w): bool => RecipeAnalysis::uses($w, MaterialKind::Wax) && !$this->isDetail($whole, $w),
                ));
                $names = RecipeAnalysis::names($waxes);
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Stop,
                    steps: [$work->step->id, ...RecipeAnalysis::ids($waxes)],
                    why: \sprintf('“%s” is water-based and goes over %s. It will peel.', $work->step->name(), $names),
                    remedies: [
                        new Remedy(
                            'last',
                            \sprintf('%s after “%s”', 1 === \count($waxes) ? 'Wax' : $names, $work->step->name()),
                            ...array_map(static fn (StepCalculation $w): Edit => Edit::move($w->step->id, $whole->next($work)), $waxes),
                        ),
                    ],
                    school: 'wax-and-topcoat',
                );
                break;
            }
        }
    }

    /** The wax that lies on top of some of what a step meets. */
    private function under(RecipeAnalysis $whole, StepCalculation $work, PiecePart $part): ?StepCalculation
    {
        foreach ($whole->met($work, $part) as $met) {
            foreach ([Zone::Field, Zone::Edge, Zone::Recess] as $zone) {
                foreach ($met->tops($zone) as $stepId => $share) {
                    $top = $share < self::SOME ? null : $whole->work($stepId);
                    if (null !== $top && RecipeAnalysis::uses($top, MaterialKind::Wax)) {
                        return $top;
                    }
                }
            }
        }

        return null;
    }

    private function isDetail(RecipeAnalysis $whole, StepCalculation $wax): bool
    {
        return $whole->habits->holds('wax-and-topcoat', 'detail-under') && !$wax->covers() && WaitUntil::Cure === $wax->step->wait->until;
    }
}
