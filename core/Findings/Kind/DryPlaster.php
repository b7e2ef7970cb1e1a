<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;

/**
 * Dry plaster is stirred into paint.
 */
final class DryPlaster implements Rule
{
    public function key(): string
    {
        return 'dry-plaster';
    }

    public function name(): string
    {
        return 'Dry plaster goes straight into the paint';
    }

    public function reason(): string
    {
        return 'Plaster or chalk clumps in paint and never stirs out. In water first it makes a smooth cream.';
    }

    public function source(): string
    {
        return 'Finishing practice for home-made chalk-type paint.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            $water = RecipeAnalysis::contains(
                $work,
                static fn (Material $m): bool => MaterialKind::Thinner === $m->kind && Carrier::Water === $m->body->carrier,
            );
            if (RecipeAnalysis::uses($work, MaterialKind::Plaster) && !$water) {
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Warn,
                    steps: [$work->step->id],
                    why: \sprintf(
                        'The pot for “%s” has no water: stir the powder into as much water first, then add that to the paint.',
                        $work->step->name(),
                    ),
                );
            }
        }
    }
}
