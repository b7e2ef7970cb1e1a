<?php

declare(strict_types=1);

namespace Inlaid\Core\Material;

/**
 * Chooses the cheapest packs of a material that cover a need: every number of larger packs is tried, up to sixty of one size; beyond that
 * only the
 * largest is counted.
 */
final class ChoosePacks
{
    private const MOST = 60;

    /**
     * @return list<array{Pack, int}> packs and how many, the largest first; none where nothing is needed or no pack is known
     */
    public function choose(Material $material, float $grams): array
    {
        $sizes = $material->sizes;
        if ([] === $sizes || $grams <= 0.0) {
            return [];
        }
        if ($grams / $sizes[0][1] > self::MOST) {
            return [[$sizes[0][0], (int) ceil($grams / $sizes[0][1])]];
        }

        return array_values(array_filter($this->cheapest($sizes, $grams)[1], static fn (array $p): bool => $p[1] > 0));
    }

    /**
     * @param non-empty-list<array{Pack, float}> $sizes largest first
     *
     * @return array{float, list<array{Pack, int}>} price and counts
     */
    private function cheapest(array $sizes, float $grams): array
    {
        [$pack, $holds] = $sizes[0];
        $smaller = \array_slice($sizes, 1);
        $enough = (int) max(0, ceil($grams / $holds - 1e-9));
        $best = [$enough * $pack->price, [[$pack, $enough]]];
        for ($count = 0; $count < $enough && [] !== $smaller; ++$count) {
            [$price, $rest] = $this->cheapest($smaller, $grams - $count * $holds);
            if ($price + $count * $pack->price < $best[0] - 1e-9) {
                $best = [$price + $count * $pack->price, [[$pack, $count], ...$rest]];
            }
        }

        return $best;
    }
}
