<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Piece\FinishKind;
use Inlaid\Core\Work\StepCalculation;

/**
 * A dye stain or conditioner goes on a closed surface.
 */
final class StainOverSealed implements Rule
{
    public function key(): string
    {
        return 'stain-over-sealed';
    }

    public function name(): string
    {
        return 'A dye stain or conditioner goes on a closed surface';
    }

    public function reason(): string
    {
        return 'Dye and conditioner work in the wood; on a film or an old finish they only stand, and wipe off in streaks.';
    }

    public function source(): string
    {
        return 'Finishing practice: a dye colours only where it goes in.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            if (!self::worksInTheWood($work)) {
                continue;
            }
            foreach ($whole->recipe->partsOf($work->step) as $part) {
                $film = RecipeAnalysis::last($whole->before($work, $part), static fn (StepCalculation $w): bool => RecipeAnalysis::seals($w) || RecipeAnalysis::is($w, 'sanded'));
                if (null !== $film && RecipeAnalysis::seals($film)) {
                    yield Finding::of($this, Severity::Warn, [$work->step->id, $film->step->id], \sprintf('"%s" cannot go into the wood: "%s" has closed it.', $work->step->name(), $film->step->name()), [
                        new Remedy('before', \sprintf('Stain before "%s"', $film->step->name()), Edit::move($work->step->id, $film->step->id)),
                    ]);
                    break;
                }
                $opened = $whole->isStripped($part, $work) || null !== RecipeAnalysis::first($whole->before($work, $part), static fn (StepCalculation $w): bool => RecipeAnalysis::is($w, 'sanded'));
                if (null === $film && !$part->finish->isBare() && FinishKind::Oiled !== $part->finish->kind && !$opened) {
                    yield Finding::of($this, Severity::Warn, [$work->step->id], \sprintf('"%s" cannot go into the wood of %s: %s lies on it.', $work->step->name(), $part->name, $part->finish->inWords()), [
                        Remedy::strip('Strip and rinse first', 'Strip', $part->id, $whole->works[0]->step->id),
                    ], about: $part->id);
                }
            }
        }
    }

    private static function worksInTheWood(StepCalculation $work): bool
    {
        return RecipeAnalysis::is($work, 'conditioned') || RecipeAnalysis::dyes($work);
    }
}
