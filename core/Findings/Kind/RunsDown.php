<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Shape\Level;
use Inlaid\Core\Work\StepCalculation;

/**
 * A heavy coat of something thinned, on what stands upright.
 */
final class RunsDown implements Rule
{
    /** Against a normal coat, and volumes of thinner to one, from which a coat runs; typical. */
    private const HEAVY = 1.25;
    private const THINNED = 0.2;

    public function key(): string
    {
        return 'runs-down';
    }

    public function name(): string
    {
        return 'Heavy thinned coat runs on uprights';
    }

    public function reason(): string
    {
        return 'Thinned paint holds less on an upright. A heavy coat sags and leaves drips that show through every later coat.';
    }

    public function source(): string
    {
        return 'Coatings science: sagging grows with the square of the film and falls with its body.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            $upright = array_filter(
                $whole->recipe->partsOf($work->step),
                static fn (PiecePart $p): bool => !$p->turned && Level::Top !== $p->surface->level,
            );
            if ([] === $upright || !self::isHeavy($work)) {
                continue;
            }
            yield Finding::of(
                rule: $this,
                severity: Severity::Warn,
                steps: [$work->step->id],
                why: \sprintf(
                    '“%s” is thinned and applied heavily; it will run on %s.',
                    $work->step->name(),
                    implode(', ', array_map(static fn (PiecePart $p): string => $p->name, $upright)),
                ),
                remedies: [new Remedy(
                    'normal',
                    'Apply it normally',
                    Edit::change($work->step->id, StepChange::weight(FilmWeight::Normal)),
                )],
            );
        }
    }

    /** Is it laid thick, thin in body, and left as it is laid? */
    private static function isHeavy(StepCalculation $work): bool
    {
        return null !== $work->film
            && null !== $work->character?->normalWet
            && RecipeAnalysis::lays($work)
            && $work->film->stays >= $work->film->wet
            && $work->film->wet >= self::HEAVY * $work->character->normalWet
            && $work->character->thinning >= self::THINNED;
    }
}
