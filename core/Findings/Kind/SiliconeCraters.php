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
use Inlaid\Core\Material\Bleed;
use Inlaid\Core\Material\Residue;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\Criterion;
use Inlaid\Core\Recipe\Repeat;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Surface\Soil;
use Inlaid\Core\Work\StepCalculation;

/**
 * Silicone isn't washed off before the first coat.
 */
final class SiliconeCraters implements Rule
{
    public function key(): string
    {
        return 'silicone-craters';
    }

    public function name(): string
    {
        return 'Silicone isn\'t washed off before the first coat';
    }

    public function reason(): string
    {
        return 'Silicone polish makes every coat crater. Sanding drives it deeper. Wash with mineral spirit and a fresh rag each time.';
    }

    public function source(): string
    {
        return 'Coatings science: surface tension; a film does not wet what is more slippery than itself.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        $found = $whole->byStep(static function (PiecePart $part) use ($whole): ?StepCalculation {
            $first = \in_array(Bleed::Silicone, $part->substrate->bleeds, true)
                ? RecipeAnalysis::first($whole->on($part), RecipeAnalysis::lays(...))
                : null;

            return null === $first || null === $whole->soiled($first, $part, Soil::Silicone) ? null : $first;
        });
        foreach ($found as [$work, $parts]) {
            $begins = RecipeAnalysis::first(
                $whole->works,
                static fn (StepCalculation $w): bool => [] !== array_filter($parts, $w->step->touches(...)),
            );
            yield Finding::of(
                rule: $this,
                severity: Severity::Warn,
                steps: [$work->step->id],
                why: \sprintf(
                    '“%s” will crater on %s: silicone.',
                    $work->step->name(),
                    implode(', ', array_map(static fn (PiecePart $p): string => $p->name, $parts)),
                ),
                remedies: [
                    new Remedy(
                        'wash',
                        'Wash with mineral spirit first',
                        Edit::insert(
                            new NewStep(
                                title: 'Wash off the silicone',
                                technique: 'cleaned',
                                parts: $whole->named($parts),
                                uses: MaterialRequirement::toTakeOff(Residue::Spirit),
                                coats: 2,
                                wait: WaitUntil::Recoat,
                                repeat: Repeat::of(Criterion::Clean, 1, 4),
                            ),
                            $begins?->step->id,
                        ),
                    ),
                ],
            );
        }
    }
}
