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
use Inlaid\Core\Material\Residue;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Surface\Soil;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Work\StepCalculation;

/**
 * Residue isn't removed as the label asks.
 */
final class NotNeutralised implements Rule
{
    public function key(): string
    {
        return 'not-neutralised';
    }

    public function name(): string
    {
        return 'Residue isn\'t removed as the label asks';
    }

    public function reason(): string
    {
        return 'Solvent stripper leaves wax, caustic stripper alkali, bleach acid. Water alone doesn\'t remove them; the next '
            .'coat stays soft, blooms or peels.';
    }

    public function source(): string
    {
        return 'Chemistry: each residue has its own solvent or its opposite.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ([Soil::Spirit, Soil::Alcohol, Soil::Acid, Soil::Alkali] as $soil) {
            foreach ($whole->coatedOver($soil) as $by => $coats) {
                $work = $whole->work($by);
                if (null !== $work) {
                    yield $this->finding(
                        whole: $whole,
                        work: $work,
                        parts: array_column($coats, 0),
                        asks: Residue::from($soil->value),
                    );
                }
            }
        }
    }

    /**
     * @param non-empty-list<PiecePart> $parts
     */
    private function finding(RecipeAnalysis $whole, StepCalculation $work, array $parts, Residue $asks): Finding
    {
        return Finding::of(
            rule: $this,
            severity: Severity::Stop,
            steps: [$work->step->id],
            why: \sprintf('The label for “%s” asks for %s. No step does that.', $work->step->name(), $asks->inWords()),
            remedies: [
                new Remedy(
                    'neutralise',
                    ucfirst($asks->inWords()).' as the label asks',
                    Edit::insert(
                        new NewStep(
                            title: 'Neutralise as the label asks',
                            technique: 'neutralised',
                            parts: $whole->named($parts),
                            uses: MaterialRequirement::toTakeOff($asks),
                            wait: WaitUntil::Recoat,
                        ),
                        $whole->next($work),
                    ),
                ),
            ],
        );
    }

    public static function takesOff(StepCalculation $work, Residue $residue): bool
    {
        return RecipeAnalysis::can($work, Ability::Neutralises, Ability::Rinses, Ability::Cleans)
            && RecipeAnalysis::contains($work, static fn (Material $m): bool => $residue->isTakenOffBy($m));
    }
}
