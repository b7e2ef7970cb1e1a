<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\FirstSurface;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\Optics;
use Inlaid\Core\Colour\Spectrum;
use Inlaid\Core\Material\Sheen;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Zone;

/**
 * Judges what steps do to a look: what one adds to it and what is left of that in the end, and whether a coat hides.
 */
final readonly class JudgeLook
{
    /** ΔE that nobody sees, and the share of an effect under which it is buried. */
    public const NOTHING = 0.5;
    public const BURIED = 0.5;
    /** ΔE up to which a coat hides. */
    public const HIDES = 1.0;
    /** Patches of a zone laid over in all while steps are left out one at a time: with more, they are judged by fewer patches; in the end the early steps are not judged. */
    private const ROOM = 20_000;
    private const FEWEST_PATCHES = 16;
    private const MOST_COATS = 12;
    /** As good as endless, against the films of a step. */
    private const ENDLESS = 1000.0;

    /**
     * Of several steps, the last first, as far as there is room: in a very long recipe the early ones are not judged.
     *
     * @param array<int, float> $buried the share of its effect that must remain, by doing
     *
     * @return list<LookEffect> in order
     */
    public function effects(StackLook $look, array $buried): array
    {
        $effects = [];
        $look = self::fewEnough($look);
        $room = 2 * self::ROOM;
        krsort($buried);
        foreach ($buried as $doing => $share) {
            for ($later = $doing; $later < \count($look->doings); ++$later) {
                $room -= array_sum(array_map(static fn (Zone $z): int => \count($look->after($later, $z)->patches), $look->zones()));
            }
            if ($room < 0) {
                break;
            }
            $effects[$doing] = $this->effect($look, $doing, $share);
        }
        ksort($effects);

        return array_values($effects);
    }

    /** As few patches as let every step be left out once. */
    public static function fewEnough(StackLook $look): StackLook
    {
        return $look->withAtMost(max(self::FEWEST_PATCHES, intdiv(2 * self::ROOM, max(1, \count($look->doings)) ** 2)));
    }

    /**
     * In the zone where the step is seen best.
     *
     * @param float $buried the share of the effect that must remain
     */
    public function effect(StackLook $look, int $doing, float $buried = self::BURIED): LookEffect
    {
        $effects = array_map(fn (Zone $zone): LookEffect => $this->effectIn($look, $doing, $zone, $buried), $look->zones());
        // Lost is only what is lost everywhere.
        usort($effects, static fn (LookEffect $a, LookEffect $b): int => [$a->lost, $b->remains, $b->most] <=> [$b->lost, $a->remains, $a->most]);

        return $effects[0];
    }

    private function effectIn(StackLook $look, int $doing, Zone $zone, float $buried): LookEffect
    {
        $apart = [];
        foreach ($look->leftOut($doing, $zone) as $i => $without) {
            $apart[] = $look->after($doing + $i, $zone)->apart($without);
        }
        $most = max(0.0, ...$apart);
        $remains = $apart[\count($apart) - 1];
        $least = max(self::NOTHING, $buried * $most);

        return new LookEffect($look->doings[$doing]->id, $zone, round($most, 2), round($remains, 2), $remains < $least, $remains < $least ? $this->buriedBy($look, $doing, $apart, $least) : null);
    }

    /**
     * The step after which less than enough is left, for good.
     *
     * @param list<float> $apart after the step and each later one
     */
    private function buriedBy(StackLook $look, int $doing, array $apart, float $least): ?string
    {
        $by = null;
        for ($i = \count($apart) - 1; $i > 0 && $apart[$i] < $least; --$i) {
            $by = $look->doings[$doing + $i]->id;
        }

        return $by;
    }

    /**
     * Where a step is blended over another colour: what the two make of one another.
     */
    public function blend(StackLook $look, int $doing): ?LookBlend
    {
        $step = $look->doings[$doing];
        $levels = $step->pattern->at(Zone::Field);
        $under = self::coloured($look->met($doing, Zone::Field));
        if (Spread::Placed !== $step->pattern->spread || null === $step->film || ColourantKind::Film !== $step->film->of->kind || null === $under) {
            return null;
        }
        [$over, $surface] = [$step->film->of->optics, FirstSurface::of($step->film->of->sheen ?? Sheen::Matt)];
        $seen = static fn (Optics $o): Spectrum => $surface->observed($o->masstone());
        $chroma = static fn (Optics $o): float => hypot($seen($o)->lab()->a, $seen($o)->lab()->b);
        $middle = Optics::mix([[$over, 0.5], [$under, 0.5]]);
        $last = \count($levels) - 1;

        return new LookBlend($step->id, $seen($middle)->light()->colour()->hex, round(($chroma($over) + $chroma($under)) / 2 - $chroma($middle), 1), $step->way, round($levels[0]->share, 3), round(1 - $levels[$last]->share, 3));
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
    public function hides(StackLook $look, int $doing): ?LookHides
    {
        $step = $look->doings[$doing];
        if (null === $step->film || !$step->film->colours()) {
            return null;
        }
        $before = $look->met($doing, Zone::Field);
        $endless = Lab::ofLight(DoStep::to($before, $step->laid(self::ENDLESS), Zone::Field)->mean());
        $off = static fn (float $times): float => DeltaE2000::between(Lab::ofLight(DoStep::to($before, $step->laid($times), Zone::Field)->mean()), $endless);
        $now = $off(1.0);
        $coats = $step->rounds;
        while ($coats <= self::MOST_COATS && $off($coats / $step->rounds) > self::HIDES) {
            ++$coats;
        }

        return new LookHides($step->id, round($now, 2), $coats > self::MOST_COATS ? null : $coats);
    }
}
