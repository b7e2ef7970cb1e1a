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
 * Rags that heat themselves or burn are balled up.
 */
final class RagsBalledUp implements Rule
{
    public function key(): string
    {
        return 'rags-balled-up';
    }

    public function name(): string
    {
        return 'Rags that heat themselves or burn are balled up';
    }

    public function reason(): string
    {
        return 'Drying oil gives off heat; in a heap of rags it cannot get out, and they catch fire by themselves within hours. Solvent rags in a bin burn at a spark.';
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
        $burns = RecipeAnalysis::first($whole->works, static fn (StepCalculation $w): bool => $w->has(Hazard::SelfHeatingRags) || $w->has(Hazard::Flammable));
        if (null !== $burns) {
            yield Finding::of($this, Severity::Stop, [$burns->step->id], \sprintf('The rags of "%s" %s: never balled up or in a bin. Follow the label, the safety data sheet and local rules.', $burns->step->name(), $burns->has(Hazard::SelfHeatingRags) ? 'heat up by themselves until they burn' : 'burn at a spark'), [
                new Remedy('flat', 'Rags: '.Rags::Flat->inWords(), Edit::cleanUp(Rags::Flat)),
                new Remedy('water', 'Rags: '.Rags::Water->inWords(), Edit::cleanUp(Rags::Water)),
            ]);
        }
    }
}
