<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Place;
use Inlaid\Core\Piece\Wear;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\StepCalculation;

/**
 * Last coat is too weak for the wear.
 */
final class TooLittleForTheWear implements Rule
{
    public function key(): string
    {
        return 'too-little-for-the-wear';
    }

    public function name(): string
    {
        return 'Last coat is too weak for the wear';
    }

    public function reason(): string
    {
        return 'Chalky paint and bare stain mark as soon as they are touched. Daily wear needs wax, oil or a clear coat. '
            .'Heavy wear needs one that cures hard.';
    }

    public function source(): string
    {
        return 'Finishing practice: resistance of each class of film to rubbing.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        $use = $whole->recipe->piece->use;
        $hard = Wear::Hard === $use->wear || Place::Wet === $use->place;
        if (Wear::Light === $use->wear && !$hard) {
            return;
        }
        $found = $whole->byStep(static function (PiecePart $part) use ($whole, $hard): ?StepCalculation {
            foreach ($whole->end($part) as $end) {
                $top = $whole->work($end->top(Zone::Field));
                if (null !== $top && self::isWeak($top, $hard)) {
                    return $top;
                }
            }

            return null;
        });
        if ([] === $found) {
            return;
        }
        $last = array_column($found, 0);
        yield Finding::of(
            rule: $this,
            severity: $hard ? Severity::Warn : Severity::Advise,
            steps: RecipeAnalysis::ids($last),
            why: \sprintf(
                '%s %s; expected wear is %s%s.',
                RecipeAnalysis::names($last),
                1 === \count($last) ? 'is the last coat' : 'are the last coats',
                $use->wear->value,
                Place::Wet === $use->place ? ' in '.$use->place->inWords() : '',
            ),
            remedies: [
                new Remedy(
                    'topcoat',
                    'Add a clear topcoat',
                    Edit::insert(
                        NewStep::topcoat(
                            parts: $whole->named(array_merge(...array_column($found, 1))),
                            outdoors: $use->place->isOutdoors(),
                            coats: 2,
                        ),
                        null,
                    ),
                ),
            ],
        );
    }

    /** Chalky, home-made and wiped films mark at a touch; flat paint stands handling, not scrubbing. */
    private static function isWeak(StepCalculation $top, bool $hard): bool
    {
        if (RecipeAnalysis::uses($top, MaterialKind::Topcoat, MaterialKind::Oil, MaterialKind::Wax)) {
            return false;
        }
        $flat = static fn (Material $m): bool => MaterialKind::Paint === $m->kind
            && (Sheen::Chalky === $m->sheen || $hard && Sheen::Matt === $m->sheen);

        return RecipeAnalysis::contains($top, static fn (Material $m): bool => MaterialKind::Stain === $m->kind || $flat($m));
    }
}
