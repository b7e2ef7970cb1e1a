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
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Surface\Met;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Zone;
use Inlaid\Core\Work\StepCalculation;

/**
 * Stain or conditioner goes onto a sealed surface.
 */
final class StainOverSealed implements Rule
{
    public function key(): string
    {
        return 'stain-over-sealed';
    }

    public function name(): string
    {
        return 'Stain or conditioner goes onto a sealed surface';
    }

    public function reason(): string
    {
        return 'Dye stain and conditioner work only inside the wood. On a film they wipe off in streaks.';
    }

    public function source(): string
    {
        return 'Finishing practice: a dye colours only where it goes in.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        $sealed = $old = [];
        foreach ($whole->works as $work) {
            foreach (self::worksInTheWood($work) ? $whole->recipe->partsOf($work->step) : [] as $part) {
                $closed = array_values(array_filter($whole->met($work, $part), static fn (Met $m): bool => !$m->isOpenWood()))[0] ?? null;
                if (null === $closed || !$part->substrate->drinksAtAll()) {
                    continue;
                }
                $film = $whole->work($closed->top(Zone::Field));
                if (null !== $film) {
                    $sealed[$film->number][$work->number] = $work;
                } elseif (FinishKind::Oiled !== $part->finish->kind) {
                    $old[$part->id] = [$part, [...$old[$part->id][1] ?? [], $work]];
                }
            }
        }
        foreach ($sealed as $number => $works) {
            yield $this->overFilm(array_values($works), $whole->works[$number - 1]);
        }
        foreach ($old as [$part, $works]) {
            yield $this->overOld($whole, $works, $part);
        }
    }

    /**
     * @param non-empty-list<StepCalculation> $works
     */
    private function overFilm(array $works, StepCalculation $film): Finding
    {
        return Finding::of(
            rule: $this,
            severity: Severity::Warn,
            steps: [...RecipeAnalysis::ids($works), $film->step->id],
            why: \sprintf('%s can\'t penetrate: “%s” has sealed the wood.', RecipeAnalysis::names($works), $film->step->name()),
            remedies: [
                new Remedy(
                    'before',
                    \sprintf('Move %s before “%s”', RecipeAnalysis::names($works), $film->step->name()),
                    ...array_map(static fn (StepCalculation $w): Edit => Edit::move($w->step->id, $film->step->id), $works),
                ),
            ],
        );
    }

    /**
     * @param non-empty-list<StepCalculation> $works
     */
    private function overOld(RecipeAnalysis $whole, array $works, PiecePart $part): Finding
    {
        return Finding::of(
            rule: $this,
            severity: Severity::Warn,
            steps: RecipeAnalysis::ids($works),
            why: \sprintf(
                '%s can\'t penetrate %s: %s still %s %s.',
                RecipeAnalysis::names($works),
                $part->name,
                $part->isPlural() ? 'they' : 'it',
                $part->isPlural() ? 'have' : 'has',
                $part->finish->inWords(),
            ),
            remedies: [
                Remedy::strip(
                    text: 'Strip and rinse first',
                    title: 'Strip',
                    parts: [$part->id],
                    before: $whole->works[0]->step->id,
                ),
            ],
            about: $part->id,
        );
    }

    private static function worksInTheWood(StepCalculation $work): bool
    {
        return RecipeAnalysis::can($work, Ability::EvensAbsorption) || RecipeAnalysis::dyes($work);
    }
}
