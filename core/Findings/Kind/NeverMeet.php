<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Findings\Edit;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\MaterialWanted;
use Inlaid\Core\Findings\NewStep;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Findings\Whole;
use Inlaid\Core\Material\Hazard;
use Inlaid\Core\Mixing\Leaf;
use Inlaid\Core\Preview\Gravity;
use Inlaid\Core\Preview\StepWork;
use Inlaid\Core\Recipe\WaitUntil;

/**
 * Things that must never meet.
 */
final class NeverMeet implements Rule
{
    public function key(): string
    {
        return 'never-meet';
    }

    public function name(): string
    {
        return 'Things that must never meet';
    }

    public function reason(): string
    {
        return 'Peroxide bleach makes solvents, alcohol and their rags burn; what is left of it in the wood has to be rinsed out first.';
    }

    public function source(): string
    {
        return 'Chemistry: oxidisers and what burns; the safety data sheets of both.';
    }

    public function check(Whole $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (!self::has($work, Hazard::Oxidiser)) {
                continue;
            }
            foreach ($whole->recipe->partsOf($work->step) as $part) {
                $next = Whole::first($whole->after($work, $part), static fn (StepWork $w): bool => Whole::is($w, 'rinsed') || self::has($w, Hazard::Flammable));
                if (null === $next || !self::has($next, Hazard::Flammable)) {
                    continue;
                }
                yield Finding::of($this, Gravity::Stop, [$next->step->id, $work->step->id], \sprintf('"%s" is flammable and meets what is left of "%s". Follow the label, the safety data sheet and local rules.', $next->step->name(), $work->step->name()), [
                    new Remedy('rinse', 'Rinse twice between them', Edit::insert(new NewStep('Rinse', 'rinsed', $whole->named($whole->recipe->partsOf($work->step)), MaterialWanted::water(), coats: 2, wait: WaitUntil::Overnight), $whole->works[$work->number]->step->id ?? null)),
                ]);
                break;
            }
        }
    }

    private static function has(StepWork $work, Hazard $hazard): bool
    {
        return [] !== array_filter($work->mix->leaves ?? [], static fn (Leaf $l): bool => \in_array($hazard, $l->material->hazards, true));
    }
}
