<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\FirstSurface;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\Optics;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Colour\Spectrum;
use Inlaid\Core\Optics\ColourantKind;
use Inlaid\Core\Surface\Division;
use Inlaid\Core\Surface\LaidSurface;
use Inlaid\Core\Surface\SurfaceStep;
use Inlaid\Core\Surface\WorkOnZone;
use Inlaid\Core\Surface\ZoneState;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Zone;

/**
 * Judges what steps do to a look: what one adds to it and what is left of that in the end, and whether a coat hides.
 */
final readonly class JudgeLook
{
    /** ΔE that nobody sees; and under which, in every zone and patch, the end is the same with a step and without it. */
    public const NOTHING = 0.5;
    public const LOST = 1.0;
    /** So near to it, as a factor, it is laid again to be sure: what lies on another ground is held a little more or less. */
    private const NEARLY = 1.6;
    /** What gives life of its own, to the flat or in all, evens out nothing: more than this must not be left. */
    private const KEPT = 0.75;
    /** ΔE up to which a coat hides. */
    public const HIDES = 1.0;
    /**
     * Patches of a zone laid over in all while steps are left out one at a time: with more, they are judged by fewer patches; in the end
     * the early steps are not judged.
     */
    private const ROOM = 20_000;
    private const FEWEST_PATCHES = 16;
    /** Patches by which steps are judged, times the square of the number of steps: 24 for 15 steps. */
    private const JUDGED = 5_400;
    private const MOST_COATS = 12;
    /** ΔE between a ground and a colour from which it is told how much of the ground shows. */
    private const TELLS = 5.0;
    /** As good as endless, against the films of a step. */
    private const ENDLESS = 1000.0;

    /**
     * Of several steps, the last first, as far as there is room: in a very long recipe the early ones are not judged.
     *
     * @param list<int> $doings
     *
     * @return list<LookEffect> in order
     */
    public function effects(LaidSurface $look, array $doings): array
    {
        $effects = [];
        $look = self::fewEnough($look);
        $room = (int) ($look->share * 2 * self::ROOM);
        rsort($doings);
        foreach ($doings as $doing) {
            $byItsFilm = $this->byItsFilm($look, $doing);
            if (null !== $byItsFilm) {
                $effects[$doing] = $byItsFilm;
                continue;
            }
            for ($later = $doing; $later < \count($look->doings); ++$later) {
                $room -= array_sum(array_map(static fn (Zone $z): int => \count($look->after($later, $z)->patches), $look->zones()));
            }
            if ($room < 0) {
                break;
            }
            $effects[$doing] = $this->effect($look, $doing);
        }
        ksort($effects);

        return array_values($effects);
    }

    /**
     * What a step adds whose film could be left out without another lying otherwise: nothing is laid again. Null where more follows from
     * it, or where it is nearly lost. What is rubbed off later is rubbed to the same colour, as a painter does who looks.
     */
    public function byItsFilm(LaidSurface $look, int $doing): ?LookEffect
    {
        [$best, $remains] = [Zone::Field, -1.0];
        foreach ($look->zones() as $zone) {
            $without = $look->endWithoutFilm($doing, $zone);
            if (null === $without) {
                return null;
            }
            $left = self::remains($look->end($zone), $without);
            [$best, $remains] = $left > $remains ? [$zone, $left] : [$best, $remains];
        }
        if ($remains > self::LOST / self::NEARLY && $remains < self::LOST * self::NEARLY) {
            return null;
        }

        return new LookEffect(
            stepId: $look->doings[$doing]->id,
            zone: $best,
            most: round(max($remains, $look->after($doing, $best)->apart($look->ahead($doing, $best))), 2),
            remains: round($remains, 2),
            lost: $remains < self::LOST,
            buriedBy: $remains < self::LOST ? $look->hiddenBy($doing, $best, self::LOST) : null,
        );
    }

    /** As few patches as let every step be left out once. */
    public static function fewEnough(LaidSurface $look): LaidSurface
    {
        return $look->withAtMost(max(
            1,
            (int) ($look->share * max(self::FEWEST_PATCHES, intdiv(self::JUDGED, max(1, \count($look->doings)) ** 2))),
        ));
    }

    /** In the zone where the step is seen best. */
    public function effect(LaidSurface $look, int $doing): LookEffect
    {
        $effects = array_map(fn (Zone $zone): LookEffect => $this->effectIn($look, $doing, $zone), $look->zones());
        // Lost is only what is lost everywhere.
        usort(
            $effects,
            static fn (LookEffect $a, LookEffect $b): int => [$a->lost, $b->remains, $b->most] <=> [$b->lost, $a->remains, $a->most],
        );

        return $effects[0];
    }

    /**
     * In one zone, if a step were done right after a later one.
     *
     * @param non-empty-list<ZoneState> $without the zone without that step, in place of it and after each later one
     */
    public function effectAt(LaidSurface $look, int $doing, int $to, Zone $zone, array $without): LookEffect
    {
        $later = \array_slice($look->doings, $to + 1);
        $without = \array_slice($without, $to - $doing);
        $with = \array_slice(
            WorkOnZone::all(
                state: $without[0] ?? throw new \LogicException('This step doesn\'t exist.'),
                steps: [$look->doings[$doing], ...$later],
                zone: $zone,
                most: $look->most,
            ),
            1,
        );

        return self::between(
            step: $look->doings[$doing],
            later: $later,
            zone: $zone,
            apart: static fn (int $i): float => $with[$i]->apart($without[$i]),
            remains: self::remains($with[\count($with) - 1], $without[\count($without) - 1]),
        );
    }

    private function effectIn(LaidSurface $look, int $doing, Zone $zone): LookEffect
    {
        $all = [$without = $look->ahead($doing, $zone)];
        for ($i = $doing + 1, $end = \count($look->doings); $i < $end; ++$i) {
            $left = $look->takenAfter($i - 1, $zone);
            if (null !== $left && $look->after($i - 1, $zone)->endsAs($without, $left)) {
                break; // nothing that comes brings it back
            }
            $all[] = $without = WorkOnZone::to(state: $without, step: $look->doings[$i], zone: $zone, most: $look->most);
        }

        return self::between(
            step: $look->doings[$doing],
            later: \array_slice($look->doings, $doing + 1),
            zone: $zone,
            apart: static fn (int $i): float => isset($all[$i]) ? $look->after($doing + $i, $zone)->apart($all[$i]) : 0.0,
            remains: isset($all[$end - 1 - $doing]) ? self::remains($look->end($zone), $without) : 0.0,
        );
    }

    /**
     * @param list<SurfaceStep>    $later   steps
     * @param \Closure(int): float $apart   after the step, 0, and each later one
     * @param float                $remains in the end
     */
    private static function between(SurfaceStep $step, array $later, Zone $zone, \Closure $apart, float $remains): LookEffect
    {
        return new LookEffect(
            stepId: $step->id,
            zone: $zone,
            most: round(max($remains, $apart(0)), 2),
            remains: round($remains, 2),
            lost: $remains < self::LOST,
            buriedBy: $remains < self::LOST ? self::buriedBy($later, $apart) : null,
        );
    }

    /** What is left of a difference: of the whole zone, or, where that is as good as nothing, of a patch that has no like in the other. */
    public static function remains(ZoneState $with, ZoneState $without): float
    {
        $apart = $with->apart($without);

        return $apart >= self::LOST ? $apart : max($apart, $with->unlike($without), $without->unlike($with));
    }

    /**
     * The step after which less than enough is left, for good.
     *
     * @param list<SurfaceStep>    $later
     * @param \Closure(int): float $apart after the step, 0, and each later one
     */
    private static function buriedBy(array $later, \Closure $apart): ?string
    {
        $by = null;
        for ($i = \count($later); $i > 0 && $apart($i) < self::LOST; --$i) {
            $by = $later[$i - 1]->id;
        }

        return $by;
    }

    /**
     * Which steps take more than a third of the life that those before them gave: its liveliness of the flat, and what stands out against
     * it.
     *
     * @param list<int> $gave   doings that are to be seen, and not only to hide
     * @param list<int> $judged doings that may be told: not those that are to cover
     *
     * @return list<LookSoftened>
     */
    public function softened(LaidSurface $look, array $gave, array $judged): array
    {
        $told = [];
        foreach ($judged as $doing) {
            $before = array_values(array_filter($gave, static fn (int $g): bool => $g < $doing));
            // What runs out along a way is an effect itself.
            if ([] === $before || Spread::Placed === $look->doings[$doing]->pattern->spread) {
                continue;
            }
            [$had, $has] = [Liveliness::of($look, $doing), Liveliness::of($look, $doing + 1)];
            $lost = $had->lost($has);
            if ([] !== $lost && $has->sum() < self::KEPT * $had->sum() && $has->flat() <= $had->flat()) {
                $told[] = new LookSoftened($look->doings[$doing]->id, $lost);
            }
        }

        return $told;
    }

    /**
     * What is left of all life at the end, if a step were done before an earlier one.
     */
    public function livelinessIf(LaidSurface $look, int $doing, int $before): Liveliness
    {
        $few = self::fewEnough($look);
        $order = $few->doings;
        [$moved] = array_splice($order, $doing, 1);
        array_splice($order, $before, 0, [$moved]);
        $states = [];
        foreach ($few->zones() as $zone) {
            $all = WorkOnZone::all(state: $few->before($zone), steps: $order, zone: $zone, most: $few->most);
            $states[$zone->value] = $all[\count($all) - 1];
        }

        return Liveliness::between($states);
    }

    /**
     * How much of what was there before a coloured step still shows on the flat, 0 to 1: of each patch what is left of the way to the
     * colour that it would have if the step hid.
     *
     * @param SurfaceStep|null $instead another than the one that is done
     *
     * @return float|null null where it lays no colour, or hardly another than was there
     */
    public function shows(LaidSurface $look, int $doing, ?SurfaceStep $instead = null): ?float
    {
        $step = $instead ?? $look->doings[$doing];
        if (null === $step->film || !$step->film->colours()) {
            return null;
        }
        $before = $look->ahead($doing, Zone::Field);
        $after = WorkOnZone::to($before, $step, Zone::Field);
        $shows = $seen = 0.0;
        foreach ($after->divided ?? array_map(
            static fn (int $i): Division => new Division($i, $before->patches[$i]->share, $i),
            array_keys($before->patches),
        ) as $d) {
            $from = $before->patches[$d->from]->lab();
            $hidden = $before->patches[$d->from]->with($step->film->times(self::ENDLESS))->lab();
            $whole = DeltaE2000::between($from, $hidden);
            if ($whole >= self::TELLS) {
                $seen += $d->share;
                $shows += $d->share * max(0.0, 1 - DeltaE2000::between($from, $after->patches[$d->to]->lab()) / $whole);
            }
        }

        return $seen < 0.5 ? null : $shows / $seen;
    }

    /**
     * Where a step is blended over another colour: what the two make of one another.
     */
    public function blend(LaidSurface $look, int $doing): ?LookBlend
    {
        $step = $look->doings[$doing];
        $levels = $step->pattern->at(Zone::Field);
        $under = self::coloured($look->ahead($doing, Zone::Field));
        if (
            Spread::Placed !== $step->pattern->spread
            || null === $step->film
            || ColourantKind::Film !== $step->film->of->kind
            || null === $under
        ) {
            return null;
        }
        [$over, $surface] = [$step->film->of->optics, FirstSurface::of($step->film->of->sheen ?? Sheen::Matt)];
        $seen = static fn (Optics $o): Spectrum => $surface->observed($o->masstone());
        $chroma = static fn (Optics $o): float => hypot($seen($o)->lab()->a, $seen($o)->lab()->b);
        $middle = Optics::mix([[$over, 0.5], [$under, 0.5]]);
        $last = \count($levels) - 1;

        return new LookBlend(
            stepId: $step->id,
            middle: $seen($middle)->light()->colour()->hex,
            mud: round(($chroma($over) + $chroma($under)) / 2 - $chroma($middle), 1),
            way: $step->way,
            from: round($levels[0]->share, 3),
            to: round(1 - $levels[$last]->share, 3),
        );
    }

    /** The uppermost film of colour in the largest patch. */
    private static function coloured(ZoneState $state): ?Optics
    {
        foreach (array_reverse($state->largest()->films) as $film) {
            if (ColourantKind::Film === $film->of->kind) {
                return $film->of->optics;
            }
        }

        return null;
    }

    /**
     * On the flat, where a film is laid at all.
     */
    public function hides(LaidSurface $look, int $doing): ?LookHides
    {
        $step = $look->doings[$doing];
        if (null === $step->film || !$step->film->colours()) {
            return null;
        }
        $look = self::fewEnough($look);
        $laid = static fn (float $times): Lab => Lab::ofLight(WorkOnZone::to(
            state: $look->ahead($doing, Zone::Field),
            step: $step->laid($times),
            zone: Zone::Field,
            most: $look->most,
        )->mean());
        $endless = $laid(self::ENDLESS);
        $off = static fn (float $times): float => DeltaE2000::between($laid($times), $endless);
        $now = $off(1.0);
        if ($now > self::HIDES && ($step->rounds >= self::MOST_COATS || $off(self::MOST_COATS / $step->rounds) > self::HIDES)) {
            return new LookHides($step->id, round($now, 2), null);
        }
        for ([$low, $high] = [$step->rounds, $now > self::HIDES ? self::MOST_COATS : $step->rounds]; $low < $high;) {
            $coats = intdiv($low + $high, 2);
            $off($coats / $step->rounds) > self::HIDES ? $low = $coats + 1 : $high = $coats; // more coats never hide less
        }

        return new LookHides($step->id, round($now, 2), $low);
    }
}
