<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

use Inlaid\Core\Context\Context;
use Inlaid\Core\Drying\PredictDrying;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Mixing\Component;
use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Planning\Drying;
use Inlaid\Core\Schedule\PieceToDo;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Work\StepCalculation;

/**
 * Writes for the client when a finish has cured and how it is cared for, from what was really laid and when, in the air of its place.
 *
 * What is said of care follows what lies uppermost; it is what holds for the kind, and the label of the material goes before it.
 */
final readonly class WriteCare
{
    private const GENTLE = [
        'Put nothing hot, wet or heavy on it, and leave nothing standing on it.',
        'Dust with a dry, soft cloth. No water, no polish.',
        'Lift things off it. Don\'t push them.',
    ];

    public function __construct(private PredictDrying $predict = new PredictDrying())
    {
    }

    /**
     * @param list<StepCalculation> $works
     */
    public function write(PieceToDo $piece, array $works, RunState $state, Context $context): CareSheet
    {
        $calendar = new Calendar($context->working, $context->now);
        $iso = $context->working->iso(...);
        $cures = [];
        $last = 0;
        $promised = true;
        $top = null;
        foreach ($works as $work) {
            $laid = $this->laid($work, $state);
            if (
                null === $laid
                || null === $work->film
                || null === $work->character
                || Effect::Adds !== $work->step->profile->effect
            ) {
                continue;
            }
            if ($this->isResist($work)) {
                continue;
            }
            $top = $this->kind($work) ?? $top;
            $times = $work->character->handling->times;
            if (null === $times) {
                continue;
            }
            [$drying, $cure] = $this->predict->hourly($work->character->handling, $piece->air, $work->film->ofNormal);
            [$dry, $cured] = [
                new Drying($times->through, $drying, $context->working->zone),
                new Drying($times->cure, $cure, $context->working->zone),
            ];
            $promised = $promised && $dry->everDries() && $cured->everDries();
            $end = $cured->everDries() ? $cured->over($laid, $calendar) : null;
            $last = max($last, $end ?? 0);
            $cures[] = [
                $end ?? \PHP_INT_MAX,
                new CureLine(
                    name: $work->step->name(),
                    laid: $iso($laid),
                    dry: $dry->everDries() ? $iso($dry->over($laid, $calendar)) : null,
                    cured: null === $end ? null : $iso($end),
                ),
            ];
        }
        usort($cures, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return new CareSheet(
            title: $piece->recipe->title,
            until: [] === $cures || !$promised ? null : $iso($last),
            cures: array_column($cures, 1),
            gentle: self::GENTLE,
            care: [...self::care($top), 'The label takes priority.'],
        );
    }

    private function laid(StepCalculation $work, RunState $state): ?int
    {
        $ends = [];
        foreach ($state->works as $w) {
            if ($w->step === $work->step->id && null !== $w->finished) {
                $ends[] = $w->finished;
            }
        }

        return [] === $ends ? null : max($ends);
    }

    /** It is taken off again. */
    private function isResist(StepCalculation $work): bool
    {
        return [] !== array_filter($work->mix->leaves ?? [], static fn (Component $l): bool => MaterialKind::Resist === $l->material->kind);
    }

    /** Of the largest part of what was laid over all. */
    private function kind(StepCalculation $work): ?MaterialKind
    {
        $largest = null;
        foreach ($work->covers() ? $work->mix->leaves ?? [] : [] as $leaf) {
            if (!$leaf->material->kind->thins() && (null === $largest || $leaf->share > $largest->share)) {
                $largest = $leaf;
            }
        }

        return $largest?->material->kind;
    }

    /**
     * @return list<string>
     */
    private static function care(?MaterialKind $top): array
    {
        return match ($top) {
            MaterialKind::Wax => [
                'Dust with a soft cloth. Buff now and then.',
                'Wipe up water at once. Nothing hot: wax melts.',
                'Once a year, or where it looks dry, apply a thin coat of the same wax and buff it.',
                'No spray polish and no spirit: they remove the wax.',
            ],
            MaterialKind::Oil => [
                'Wipe with a barely damp cloth, along the grain.',
                'Wipe up water at once.',
                'Where it looks dry, apply a little of the same oil and wipe it off well. Dry oily rags flat outdoors: '
                .'they can self-heat and catch fire.',
            ],
            MaterialKind::Topcoat => [
                'Wipe with a damp cloth and a drop of mild soap. Dry it.',
                'No scouring powder, rough sponge or spirit.',
                'Put a mat under anything hot.',
            ],
            null => ['No coat covers the whole piece yet.'],
            default => [
                'Dust with a soft, dry cloth.',
                'Remove marks with a barely damp cloth. Rubbing makes it shine.',
                'Keep water and grease away: the paint has no clear coat.',
            ],
        };
    }
}
