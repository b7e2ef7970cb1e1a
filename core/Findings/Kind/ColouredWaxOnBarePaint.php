<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\MaterialRequirement;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Recipe\WaitUntil;

/**
 * Coloured wax goes straight on porous paint.
 */
final class ColouredWaxOnBarePaint implements Rule
{
    public function key(): string
    {
        return 'coloured-wax-on-bare-paint';
    }

    public function name(): string
    {
        return 'Coloured wax goes straight on porous paint';
    }

    public function reason(): string
    {
        return 'Chalky paint drinks dark wax in blotches that cannot be moved again; over a thin clear wax it can be pushed about and wiped back.';
    }

    public function source(): string
    {
        return 'Finishing practice: capillary uptake of a porous film.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        if ($whole->habits->holds('coloured-wax', 'straight-on')) {
            return;
        }
        foreach ($whole->works as $work) {
            if (!RecipeAnalysis::contains($work, static fn (Material $m): bool => MaterialKind::Wax === $m->kind && LookKind::Translucent === $m->look->kind)) {
                continue;
            }
            foreach ($whole->recipe->partsOf($work->step) as $part) {
                $below = RecipeAnalysis::last($whole->before($work, $part), RecipeAnalysis::lays(...));
                $porous = null !== $below && RecipeAnalysis::contains($below, static fn (Material $m): bool => MaterialKind::Paint === $m->kind && Sheen::Chalky === $m->sheen);
                if ($porous) {
                    yield Finding::of($this, Severity::Warn, [$work->step->id, $below->step->id], \sprintf('"%s" goes straight on "%s", which drinks it in blotches.', $work->step->name(), $below->step->name()), [
                        new Remedy('clear', 'A thin clear wax first', Edit::insert(new NewStep('Clear wax as a barrier', 'waxed', $whole->named($whole->recipe->partsOf($work->step)), MaterialRequirement::clearWax(), wait: WaitUntil::Recoat), $work->step->id)),
                    ], 'coloured-wax');
                    break;
                }
            }
        }
    }
}
