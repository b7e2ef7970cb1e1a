<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\Handling;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Material\StatedTimes;

/**
 * Derives what a mix is from its leaves.
 *
 * Rules: thinners carry and leave nothing, everything else is body. A mix is laid as thick as its body is (hand and tool set the wet
 * film, not the water), by volume share. Solids add by volume. It dries like the slowest thing in it, keeps as short as the shortest,
 * stays open as short as the shortest of its paints, longer with a glazing medium in it by the medium's share of the body (half of it or
 * more: as long as the medium's label says; water alone lengthens nothing), re-wets if anything in it does, and needs the warmth of the
 * most demanding. Its sheen is the mean of the sheens in it by their solids, and rather the flatter: what is rough stays rough in what is
 * smooth. A mix of thinners only has no film and no times.
 */
final class DeriveCharacter
{
    /** @var \WeakMap<FlatMix, MixCharacter> */
    private \WeakMap $derived;

    public function __construct()
    {
        $this->derived = new \WeakMap();
    }

    public function derive(FlatMix $mix): MixCharacter
    {
        return $this->derived[$mix] ??= $this->character($mix);
    }

    private function character(FlatMix $mix): MixCharacter
    {
        $bodies = array_values(array_filter($mix->leaves, static fn (Component $l): bool => !$l->material->kind->thins()));
        $solids = $built = $wet = $filmVolume = $bodyVolume = $thinner = 0.0;
        foreach ($mix->leaves as $leaf) {
            $volume = $leaf->share;
            $body = $leaf->material->body;
            $solids += $volume * $body->solids;
            $built += $volume * $body->solids * $body->build;
            if ($leaf->material->kind->thins()) {
                $thinner += $volume;
                continue;
            }
            $bodyVolume += $leaf->measured()->toFloat();
            if (null !== $body->spread) {
                $filmVolume += $volume;
                $wet += $volume * 1000 / $body->spread;
            }
        }

        return new MixCharacter(
            normalWet: $filmVolume > 0 ? $wet / $filmVolume : null,
            solids: $solids,
            build: $solids > 0 ? $built / $solids : 0.0,
            thinning: $bodyVolume > 0 ? $thinner / $bodyVolume : 0.0,
            largestThinning: self::least(array_map(static fn (Component $l): ?float => $l->material->body->largestThinning, $bodies)),
            handling: $this->handling($bodies, $mix->leaves[0]->material),
            carriers: array_values(array_unique(
                array_map(static fn (Component $l): Carrier => $l->material->body->carrier, $mix->leaves),
                \SORT_REGULAR,
            )),
            sheen: $this->sheen($mix),
        );
    }

    private function sheen(FlatMix $mix): ?Sheen
    {
        $steps = Sheen::cases();
        $solids = $sum = 0.0;
        foreach ($mix->leaves as $leaf) {
            $sheen = $leaf->material->sheen;
            if (null !== $sheen) {
                $share = $leaf->share * $leaf->material->body->solids;
                $solids += $share;
                $sum += $share * (int) array_search($sheen, $steps, true);
            }
        }

        return $solids > 0 ? $steps[(int) floor($sum / $solids + 1e-9)] : null;
    }

    /**
     * @param list<Component> $bodies
     */
    private function handling(array $bodies, Material $otherwise): Handling
    {
        $all = array_map(static fn (Component $l): Handling => $l->material->handling, $bodies);
        if ([] === $all) {
            return $otherwise->handling;
        }
        $slowest = $all[0];
        foreach ($all as $h) {
            $slowest = ($h->times->recoat ?? 0) > ($slowest->times->recoat ?? 0) ? $h : $slowest;
        }

        return Handling::of(
            dries: $slowest->dries,
            times: $this->times($all),
            openTime: $this->openTime($bodies),
            potLife: self::least(array_map(static fn (Handling $h): ?int => $h->potLife, $all)),
            rewets: [] !== array_filter($all, static fn (Handling $h): bool => $h->rewets),
            lowestTemperature: max(array_map(static fn (Handling $h): float => $h->lowestTemperature, $all)),
        );
    }

    /**
     * @param list<Component> $bodies
     */
    private function openTime(array $bodies): ?int
    {
        $open = static fn (Component $c): ?int => $c->material->handling->openTime;
        $isMedium = static fn (Component $c): bool => MaterialKind::GlazingMedium === $c->material->kind;
        $media = array_values(array_filter($bodies, $isMedium));
        $paints = array_values(array_filter($bodies, static fn (Component $c): bool => !$isMedium($c)));
        $medium = self::least(array_map($open, $media));
        $paint = self::least(array_map($open, $paints));
        if (null === $medium || null === $paint || $medium <= $paint) {
            return self::least([$medium, $paint]);
        }
        $volume = static fn (Component ...$of): float => array_sum(array_map(static fn (Component $c): float => $c->share, $of));

        return (int) floor($paint + ($medium - $paint) * min(1.0, 2 * $volume(...$media) / $volume(...$bodies)) + 1e-9);
    }

    /**
     * @param list<Handling> $all
     */
    private function times(array $all): ?StatedTimes
    {
        $times = array_values(array_filter(array_map(static fn (Handling $h): ?StatedTimes => $h->times, $all)));
        if ([] === $times) {
            return null;
        }
        $recoat = max(array_map(static fn (StatedTimes $t): int => $t->recoat, $times));
        $latest = self::least(array_map(static fn (StatedTimes $t): ?int => $t->recoatMost, $times));

        return StatedTimes::of(
            touch: max(array_map(static fn (StatedTimes $t): int => $t->touch, $times)),
            recoat: $recoat,
            recoatMost: null === $latest ? null : max($latest, $recoat),
            through: max(array_map(static fn (StatedTimes $t): int => $t->through, $times)),
            cure: max(array_map(static fn (StatedTimes $t): int => $t->cure, $times)),
        );
    }

    /**
     * @template T of int|float
     *
     * @param list<T|null> $values
     *
     * @return T|null
     */
    private static function least(array $values): int|float|null
    {
        $known = array_values(array_filter($values, static fn (int|float|null $v): bool => null !== $v));

        return [] === $known ? null : min($known);
    }
}
