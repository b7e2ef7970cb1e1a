<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Material\Hazard;
use Inlaid\Core\Recipe\Rags;
use Inlaid\Core\Work\StepCalculation;

/**
 * Rags that can catch fire are bundled up.
 */
final class RagsBalledUp implements Rule
{
    public function key(): string
    {
        return 'rags-balled-up';
    }

    public function name(): string
    {
        return 'Rags that can catch fire are bundled up';
    }

    public function reason(): string
    {
        return 'Drying oil gives off heat. In a heap of rags it builds up until they ignite, within hours. Solvent rags ignite at a spark.';
    }

    public function source(): string
    {
        return 'Chemistry: oxidation of drying oils; fire safety.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        if (Rags::Heap !== $whole->recipe->cleanUp->rags) {
            return;
        }
        $burns = RecipeAnalysis::first(
            $whole->works,
            static fn (StepCalculation $w): bool => $w->has(Hazard::SelfHeatingRags) || $w->has(Hazard::Flammable),
        );
        if (null !== $burns) {
            yield Finding::of(
                rule: $this,
                severity: Severity::Stop,
                steps: [$burns->step->id],
                why: \sprintf(
                    'Rags from “%s” %s. Never ball them up or bin them. Follow the label, the safety data sheet and local rules.',
                    $burns->step->name(),
                    $burns->has(Hazard::SelfHeatingRags) ? 'can self-heat and catch fire' : 'catch fire at a spark',
                ),
                remedies: [
                    new Remedy('flat', 'Store rags: '.Rags::Flat->inWords(), Edit::cleanUp(Rags::Flat)),
                    new Remedy('water', 'Store rags: '.Rags::Water->inWords(), Edit::cleanUp(Rags::Water)),
                ],
            );
        }
    }
}
