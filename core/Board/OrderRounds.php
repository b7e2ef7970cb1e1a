<?php

declare(strict_types=1);

namespace Inlaid\Core\Board;

/**
 * Puts what is done on the patches of a board into rounds: in one round the same is done on every patch whose turn it is.
 *
 * The next round is the act, of those that come next on some patch, that no other patch comes to later still, so that all patches do it
 * together; where every one is, the
 * one that stands first in the recipe. So every patch keeps its own order, and patches with the same order stay together.
 */
final class OrderRounds
{
    /**
     * @param array<string, list<string>> $sequences acts by patch, each at most once in a patch
     * @param list<string>                $order     of the recipe
     *
     * @return list<array{string, non-empty-list<string>}> the act of each round, and the patches
     */
    public function order(array $sequences, array $order): array
    {
        $place = array_flip($order);
        $rounds = [];
        while ([] !== $left = array_filter($sequences)) {
            $first = array_unique(array_map(static fn (array $s): string => $s[0], $left));
            usort($first, static fn (string $a, string $b): int => ($place[$a] ?? \PHP_INT_MAX) <=> ($place[$b] ?? \PHP_INT_MAX));
            $later = array_merge(...array_map(static fn (array $s): array => \array_slice($s, 1), array_values($left)));
            $act = array_values(array_diff($first, $later))[0] ?? $first[0];
            $patches = array_keys(array_filter($left, static fn (array $s): bool => $s[0] === $act));
            \assert([] !== $patches);
            $rounds[] = [$act, array_map(strval(...), $patches)];
            foreach ($patches as $patch) {
                array_shift($sequences[$patch]);
            }
        }

        return $rounds;
    }
}
