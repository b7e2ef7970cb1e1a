<?php

declare(strict_types=1);

namespace Inlaid\Core\Surface;

use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Follows;
use Inlaid\Core\Technique\Level;
use Inlaid\Core\Technique\Pattern;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Zone;

/**
 * Does one step to a zone: divides its patches as the technique leaves thick and thin, lays its film on each, or takes away.
 *
 * A pattern of its own is independent of what lies there: shares multiply. What goes along a way that other steps share (where wear falls,
 * from the top, from the rim) divides it only where it was not yet divided; what follows a resist or
 * the heights of a relief divides nothing. Beyond 256 patches the smallest joins the nearest-coloured.
 */
final class WorkOnZone
{
    public const MOST_PATCHES = 256;
    /** By how much a film that settles is thicker in the deepest hollow and thinner on the highest point. */
    private const SETTLES = 0.5;
    private const POROUS_HOLDS = 1.1;
    /** How far a coat evens out that is worked over wet; typical. */
    private const EVENS = 0.6;
    /** Thirst, against the usual, beyond which wood takes up unevenly; by how much of it, and at the most. */
    private const PATCHY = 1.25;
    private const UNEVEN = 0.3;
    private const MOST_UNEVEN = 0.4;

    /**
     * One after another.
     *
     * @param list<SurfaceStep> $steps
     * @param int<1, max>       $most  patches kept
     *
     * @return non-empty-list<ZoneState> as it was, and after each
     */
    public static function all(ZoneState $state, array $steps, Zone $zone, int $most): array
    {
        $states = [$state];
        foreach ($steps as $step) {
            $states[] = $state = self::to(state: $state, step: $step, zone: $zone, most: $most);
        }

        return $states;
    }

    /**
     * @param int<1, max> $most patches kept
     */
    public static function to(ZoneState $state, SurfaceStep $step, Zone $zone, int $most = self::MOST_PATCHES): ZoneState
    {
        $pattern = $step->pattern;
        $state = $step->releases ? self::each($state, static fn (Patch $p): Patch => $p->released()) : $state;

        return match (true) {
            Follows::Resist === $pattern->follows => $state->kept(),
            null !== $step->bleach => self::alter(
                state: $state,
                step: $step,
                zone: $zone,
                most: $most,
                do: static fn (Patch $p): Patch => $p->bleached($step->bleach->wood ** $step->rounds, $step->bleach->dyes ** $step->rounds),
            ),
            $step->conditions => self::alter(
                state: $state,
                step: $step,
                zone: $zone,
                most: $most,
                do: static fn (Patch $p): Patch => $p->conditioned(),
            ),
            $step->evens => self::even($state),
            Effect::TakesAway === $step->effect => self::divide(
                state: $state,
                step: $step,
                zone: $zone,
                most: $most,
                do: static function (Patch $p, float $amount) use ($step): Patch {
                    $times = $amount * (1 + $p->height);
                    $p = $p->without($times * $step->depth, $times * $step->cuts);

                    return null === $step->marks || $amount <= 0.0 ? $p : $p->sanded($step->marks->grit);
                },
            ),
            null !== $step->film => self::lay(state: $state, step: $step, film: $step->film, zone: $zone, patches: $most),
            $pattern->relief > 0.0 => self::divide(
                state: $state,
                step: $step,
                zone: $zone,
                most: $most,
                do: static fn (Patch $p): Patch => Zone::Pore === $zone ? $p->brushed() : $p,
            ),
            default => $state->kept(),
        };
    }

    /** Of the coat on top, thick and thin come nearer to their mean. */
    private static function even(ZoneState $state): ZoneState
    {
        $top = static fn (Patch $p): ?LaidFilm => $p->films[\count($p->films) - 1] ?? null;
        $coat = $top($state->largest())?->stepId;
        $all = $wet = 0.0;
        foreach ($state->patches as $patch) {
            $film = $top($patch);
            if (null !== $coat && $film?->stepId === $coat) {
                $all += $patch->share;
                $wet += $patch->share * $film->share * $film->wet;
            }
        }
        if ($wet <= 0.0) {
            return $state->kept();
        }
        $mean = $wet / $all;

        return self::each($state, static function (Patch $patch) use ($top, $coat, $mean): Patch {
            $film = $top($patch);

            return null === $film || $film->stepId !== $coat || $film->share * $film->wet <= 0.0
                ? $patch
                : $patch->topped($film->leaving(1 + self::EVENS * ($mean / ($film->share * $film->wet) - 1)));
        });
    }

    /**
     * @param int<1, max>            $most
     * @param \Closure(Patch): Patch $do
     */
    private static function alter(ZoneState $state, SurfaceStep $step, Zone $zone, int $most, \Closure $do): ZoneState
    {
        return self::divide(
            state: $state,
            step: $step,
            zone: $zone,
            most: $most,
            do: static fn (Patch $p, float $amount): Patch => $amount > 0.0 ? $do($p) : $p,
        );
    }

    /**
     * @param int<1, max> $patches
     */
    private static function lay(ZoneState $state, SurfaceStep $step, FilmOf $film, Zone $zone, int $patches): ZoneState
    {
        $thirst = $step->goesIn ? max(array_map(static fn (Patch $p): float => $p->thirst(), $state->patches)) : 1.0;
        if ($thirst > self::PATCHY) {
            $step = $step->with($step->pattern->uneven(min(self::MOST_UNEVEN, self::UNEVEN * ($thirst - 1))), $film);
        }
        $flat = Zone::Pore === $zone && $step->pattern->settles ? $step->pattern->mean(Zone::Field) : null;
        $lay = static function (Patch $patch, float $amount) use ($step, $film, $flat): Patch {
            $amount = null === $flat ? $amount : $flat + ($amount - $flat) * $patch->pores;
            $amount *= $step->pattern->settles ? 1 - self::SETTLES * $patch->height : 1.0;
            $amount *= $step->goesIn ? $patch->takesUp() : 1.0;
            $amount *= null === $step->wipedOn ? 1.0 : self::holds($patch->ground->porous) / self::holds($step->wipedOn);

            return $amount <= 0.0 ? $patch : $patch->with($film->times($amount));
        };
        $proud = array_filter($state->patches, static fn (Patch $p): bool => $p->height > 0.0);
        if (Follows::Heights === $step->pattern->follows && [] !== $proud) {
            $most = max(array_map(static fn (Level $l): float => $l->amount, $step->pattern->at($zone)));

            return self::each($state, static fn (Patch $p): Patch => $p->height > 0.0 ? $lay($p, $most) : $p);
        }

        return self::divide(state: $state, step: $step, zone: $zone, most: $patches, do: $lay);
    }

    /**
     * How much of what is wiped a ground keeps, against a closed one: typical, bare wood twice as much.
     */
    private static function holds(float $porous): float
    {
        return 1 + self::POROUS_HOLDS * $porous;
    }

    /**
     * @param \Closure(Patch): Patch $do
     */
    private static function each(ZoneState $state, \Closure $do): ZoneState
    {
        return new ZoneState(array_map($do, $state->patches));
    }

    /**
     * @param int<1, max>                   $most
     * @param \Closure(Patch, float): Patch $do   with the amount of a level
     */
    private static function divide(ZoneState $state, SurfaceStep $step, Zone $zone, int $most, \Closure $do): ZoneState
    {
        $pattern = $step->pattern;
        if (Follows::Need === $pattern->follows) {
            return self::touchUp(state: $state, step: $step, zone: $zone, most: $most, do: $do);
        }
        $levels = self::evened($pattern, $pattern->at($zone), $step->rounds);
        $last = \count($levels) - 1;
        if (0 === $last) {
            return self::each($state, static fn (Patch $p): Patch => $do($p, $levels[0]->amount));
        }
        $way = match ($pattern->spread) {
            Spread::Worn => $pattern->way ?? 'worn', Spread::Placed => $step->way, default => null,
        };
        $patches = $divided = [];
        foreach ($state->patches as $from => $patch) {
            [$low, $high] = null === $way ? [0.0, 1.0] : $patch->at[$way] ?? [0.0, 1.0];
            $end = 0.0;
            foreach ($levels as $i => $level) {
                $start = $end;
                $end = $i === $last ? 1.0 : $end + $level->share;
                $overlap = min($high, $end) - max($low, $start);
                if ($overlap <= 1e-9) {
                    continue;
                }
                $part = $patch->part($overlap / ($high - $low));
                $part = null === $way ? $part : $part->lying($way, max($low, $start), min($high, $end));
                $part = $pattern->relief > 0.0 ? $part->standing($pattern->relief * (2 * $i / $last - 1)) : $part;
                $divided[] = new Division($from, $part->share, \count($patches));
                $patches[] = $do($part, $level->amount);
            }
        }
        \assert([] !== $patches);

        return self::fewer(patches: $patches, divided: $divided, most: $most, spread: $pattern->spread, way: $way ?? $step->id);
    }

    /**
     * A share of a zone, what needs it first: what is barest, then what is farthest from the colour of most that is not.
     *
     * @param int<1, max>                   $most
     * @param \Closure(Patch, float): Patch $do
     */
    private static function touchUp(ZoneState $state, SurfaceStep $step, Zone $zone, int $most, \Closure $do): ZoneState
    {
        $touched = $step->pattern->touches($zone);
        if ($touched <= 0.0) {
            return $state->kept();
        }
        $amount = $step->pattern->mean($zone) / $touched;
        $room = $touched * $step->pattern->share;
        $full = max(array_map(static fn (Patch $p): int => \count($p->films), $state->patches));
        $right = null;
        foreach ($state->patches as $patch) {
            $right = \count($patch->films) === $full && $patch->share > ($right->share ?? 0.0) ? $patch : $right;
        }
        \assert(null !== $right);
        $off = array_map(static fn (Patch $p): float => DeltaE2000::between($p->lab(), $right->lab()), $state->patches);
        $order = array_keys($state->patches);
        usort($order, static fn (int $a, int $b): int => [\count($state->patches[$a]->films), $off[$b], $a]
            <=> [\count($state->patches[$b]->films), $off[$a], $b]);
        $done = [];
        foreach ($order as $i) {
            $share = $state->patches[$i]->share;
            $done[$i] = min(1.0, $room / $share);
            $room = max(0.0, $room - $share);
        }
        $patches = $divided = [];
        foreach ($state->patches as $i => $patch) {
            foreach ([[$done[$i], $amount], [1 - $done[$i], null]] as [$of, $lay]) {
                if ($of > 1e-9) {
                    $part = $patch->part($of);
                    $divided[] = new Division($i, $part->share, \count($patches));
                    $patches[] = null === $lay ? $part : $do($part, $lay);
                }
            }
        }
        \assert([] !== $patches);

        return self::fewer(patches: $patches, divided: $divided, most: $most, spread: Spread::Patches, way: $step->id);
    }

    /**
     * Coats one after another even out what is thick and thin by chance, by the root of their number; not what is placed, or only done in
     * places.
     *
     * @param non-empty-list<Level> $levels
     *
     * @return non-empty-list<Level>
     */
    private static function evened(Pattern $pattern, array $levels, int $rounds): array
    {
        $byChance = \in_array($pattern->spread, [Spread::Strokes, Spread::Crossed, Spread::Points, Spread::Patches], true);
        if ($rounds <= 1 || $pattern->share < 1.0 || !$byChance) {
            return $levels;
        }
        $mean = array_sum(array_map(static fn (Level $l): float => $l->share * $l->amount, $levels));

        return array_map(static fn (Level $l): Level => new Level($l->share, $mean + ($l->amount - $mean) / sqrt($rounds)), $levels);
    }

    /**
     * @param non-empty-list<Patch> $patches
     * @param list<Division>        $divided
     * @param int<1, max>           $most
     */
    private static function fewer(array $patches, array $divided, int $most, Spread $spread, string $way): ZoneState
    {
        if (\count($patches) <= $most) {
            return new ZoneState(patches: $patches, divided: $divided, spread: $spread, way: $way);
        }
        $labs = array_map(static fn (Patch $p): Lab => $p->lab(), $patches);
        $order = array_keys($patches);
        usort($order, static fn (int $a, int $b): int => [$patches[$b]->share, $a] <=> [$patches[$a]->share, $b]);
        $kept = \array_slice($order, 0, $most);
        sort($kept);
        $to = array_flip($kept);
        $fewer = array_map(static fn (int $i): Patch => $patches[$i], $kept);
        $rehomed = 0.0;
        foreach (\array_slice($order, $most) as $i) {
            $nearest = $kept[0];
            $least = \INF;
            foreach ($kept as $k) {
                $far = ($labs[$k]->l - $labs[$i]->l) ** 2 + ($labs[$k]->a - $labs[$i]->a) ** 2 + ($labs[$k]->b - $labs[$i]->b) ** 2;
                [$nearest, $least] = $far < $least ? [$k, $far] : [$nearest, $least];
            }
            $to[$i] = $to[$nearest];
            $fewer[$to[$i]] = $fewer[$to[$i]]->joinedBy($patches[$i]);
            $rehomed += $patches[$i]->share;
        }

        return new ZoneState(
            patches: array_values($fewer),
            divided: array_map(static fn (Division $d): Division => new Division($d->from, $d->share, $to[$d->to]), $divided),
            spread: $spread,
            way: $way,
            rehomed: $rehomed,
        );
    }
}
