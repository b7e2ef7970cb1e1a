<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

use Inlaid\Core\Surface\BuildSurface;
use Inlaid\Core\Surface\LaidSurface;
use Inlaid\Core\Surface\Origin;
use Inlaid\Core\Surface\SurfaceStep;
use Inlaid\Core\Surface\WorkOnZone;
use Inlaid\Core\Surface\ZoneState;
use Inlaid\Core\Technique\Zone;

/**
 * Works out how far a look moves where a coat comes out a fifth thicker or thinner, what is wiped is left half or twice as long, or the
 * wood
 * is thirstier than is usual of its kind.
 *
 * By the flat, in its mean or its contrast, whichever moves more.
 */
final readonly class WorkOutRisks
{
    /** Wood that takes up so much more than is usual is found now and then. */
    private const THIRST = 1.3;
    /** Patches of the flat: a risk is told by words, not by tenths. */
    private const PATCHES = 48;

    public function __construct(private BuildSurface $build = new BuildSurface())
    {
    }

    /**
     * @return list<Risk> the largest first, of each step only that
     */
    public function risks(LaidSurface $look, Origin $origin): array
    {
        $states = WorkOnZone::all(
            state: $this->build->start($origin, Zone::Field),
            steps: $look->doings,
            zone: Zone::Field,
            most: self::PATCHES,
        );
        $end = $states[\count($look->doings)];
        $risks = [];
        foreach ($look->doings as $i => $step) {
            if (null === $step->film) {
                continue;
            }
            $worst = null;
            foreach (self::slips($step) as $slip) {
                $apart = $end->apart($this->end($states[$i], [$step->laid($slip->film()), ...\array_slice($look->doings, $i + 1)]));
                $worst = $apart > ($worst->apart ?? 0.0) ? new Risk($step->id, $slip, $apart) : $worst;
            }
            $risks = null === $worst ? $risks : [...$risks, $worst];
        }
        if (null === $origin->absorption && $origin->substrate->drinksAtAll()) {
            $thirsty = new Origin(
                substrate: $origin->substrate,
                finish: $origin->finish,
                absorption: self::THIRST * $origin->drinks(null),
                lastGrit: $origin->lastGrit,
            );
            $apart = $end->apart($this->end($this->build->start($thirsty, Zone::Field), $look->doings));
            $risks[] = new Risk(null, Slip::Thirstier, $apart);
        }
        usort($risks, static fn (Risk $a, Risk $b): int => $b->apart <=> $a->apart);

        return $risks;
    }

    /**
     * @return list<Slip>
     */
    private static function slips(SurfaceStep $step): array
    {
        return null === $step->wipedOn ? [Slip::Thicker, Slip::Thinner] : [Slip::Longer, Slip::Shorter];
    }

    /**
     * @param list<SurfaceStep> $steps
     */
    private function end(ZoneState $state, array $steps): ZoneState
    {
        foreach ($steps as $step) {
            $state = WorkOnZone::to(state: $state, step: $step, zone: Zone::Field, most: self::PATCHES);
        }

        return $state;
    }
}
