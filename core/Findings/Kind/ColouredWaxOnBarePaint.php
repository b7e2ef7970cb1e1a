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
use Inlaid\Core\Technique\Zone;

/**
 * Coloured wax goes straight onto a porous ground.
 */
final class ColouredWaxOnBarePaint implements Rule
{
    /** How much more wood drinks than is usual of its kind, from which wax makes blotches. */
    private const THIRSTY = 1.25;

    public function key(): string
    {
        return 'coloured-wax-on-bare-paint';
    }

    public function name(): string
    {
        return 'Coloured wax goes straight onto a porous ground';
    }

    public function reason(): string
    {
        return 'Chalky paint and thirsty wood soak up dark wax in blotches you can\'t move. Over a thin clear wax you can '
            .'work it and wipe it back.';
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
            if (!RecipeAnalysis::contains(
                $work,
                static fn (Material $m): bool => MaterialKind::Wax === $m->kind && LookKind::Translucent === $m->look->kind,
            )) {
                continue;
            }
            foreach ($whole->recipe->partsOf($work->step) as $part) {
                $met = $whole->met($work, $part)[0] ?? null;
                $below = $whole->work($met?->top(Zone::Field) ?? '');
                $porous = null !== $below && true !== $met?->isOpenWood() && RecipeAnalysis::contains(
                    $below,
                    static fn (Material $m): bool => MaterialKind::Paint === $m->kind && Sheen::Chalky === $m->sheen,
                );
                $thirsty = null === $below && null !== $met && $met->thirst() > self::THIRSTY;
                if ($porous || $thirsty) {
                    yield Finding::of(
                        rule: $this,
                        severity: Severity::Warn,
                        steps: [$work->step->id, ...(null === $below ? [] : [$below->step->id])],
                        why: \sprintf(
                            '“%s” goes straight onto %s and will soak in unevenly.',
                            $work->step->name(),
                            null === $below ? 'thirsty bare wood on '.$part->name : '“'.$below->step->name().'”',
                        ),
                        remedies: [
                            new Remedy(
                                'clear',
                                'Add a thin clear wax first',
                                Edit::insert(
                                    new NewStep(
                                        title: 'Clear wax as a barrier',
                                        technique: 'waxed',
                                        parts: $whole->named($whole->recipe->partsOf($work->step)),
                                        uses: MaterialRequirement::clearWax(),
                                        wait: WaitUntil::Recoat,
                                    ),
                                    $work->step->id,
                                ),
                            ),
                        ],
                        school: 'coloured-wax',
                    );
                    break;
                }
            }
        }
    }
}
