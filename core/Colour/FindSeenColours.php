<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * Finds the few colours that a picture is made of, with the share of each.
 *
 * Points are counted in coarse cells of L*a*b*; the fullest cells that lie apart are where it begins, then each point goes to the nearest
 * and each colour to the mean of its points (S. P. Lloyd, 1982), until nothing changes. What is next to nothing is left out; nothing is
 * left to chance, so the same picture gives the same colours, and a smaller or more compressed one nearly the same.
 */
final class FindSeenColours
{
    private const CELL = 6.0;
    /** Two colours nearer than this are one, in L*a*b*. */
    private const APART = 14.0;
    private const MOST = 6;
    private const LEAST_SHARE = 0.03;
    private const ROUNDS = 12;

    /**
     * @param non-empty-list<Light> $points spread evenly over the picture
     *
     * @return list<SeenColour> the largest first
     */
    public function find(array $points): array
    {
        $labs = array_map(Lab::ofLight(...), $points);
        $middles = self::begin($labs);
        $of = [];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $before = $of;
            $of = array_map(static fn (Lab $l): int => self::nearest($middles, $l), $labs);
            if ($of === $before) {
                break;
            }
            foreach ($middles as $i => $middle) {
                $middles[$i] = self::mean(array_keys($of, $i, true), $labs) ?? $middle;
            }
        }
        $seen = [];
        foreach (array_keys($middles) as $i) {
            $own = array_keys($of, $i, true);
            if (\count($own) >= self::LEAST_SHARE * \count($labs)) {
                $seen[] = new SeenColour(
                    Light::mean(array_map(
                        static fn (int $n): Light => $points[$n],
                        self::inner($own, $labs, $middles[$i]),
                    ))->colour()->hex,
                    round(\count($own) / \count($labs), 3),
                );
            }
        }
        usort($seen, static fn (SeenColour $a, SeenColour $b): int => [$b->share, $a->colour] <=> [$a->share, $b->colour]);

        return $seen;
    }

    /**
     * @param list<Lab> $labs
     *
     * @return list<Lab>
     */
    private static function begin(array $labs): array
    {
        $cells = [];
        foreach ($labs as $n => $lab) {
            $cells[\sprintf('%d %d %d', floor($lab->l / self::CELL), floor($lab->a / self::CELL), floor($lab->b / self::CELL))][] = $n;
        }
        uksort($cells, static fn (string $a, string $b): int => [\count($cells[$b]), $a] <=> [\count($cells[$a]), $b]);
        $middles = [];
        foreach ($cells as $own) {
            $mean = self::mean($own, $labs);
            if (null !== $mean && \count($middles) < self::MOST && [] === array_filter(
                $middles,
                static fn (Lab $m): bool => $m->distance($mean) < self::APART,
            )) {
                $middles[] = $mean;
            }
        }

        return $middles;
    }

    /**
     * @param list<Lab> $middles
     */
    private static function nearest(array $middles, Lab $lab): int
    {
        $nearest = 0;
        $least = \INF;
        foreach ($middles as $i => $middle) {
            $far = $middle->distance($lab);
            [$nearest, $least] = $far < $least ? [$i, $far] : [$nearest, $least];
        }

        return $nearest;
    }

    /**
     * @param list<int> $own
     * @param list<Lab> $labs
     */
    private static function mean(array $own, array $labs): ?Lab
    {
        $of = array_map(static fn (int $n): Lab => $labs[$n], $own);

        return [] === $of ? null : new Lab(
            array_sum(array_column($of, 'l')) / \count($of),
            array_sum(array_column($of, 'a')) / \count($of),
            array_sum(array_column($of, 'b')) / \count($of),
        );
    }

    /**
     * The half of the points that is nearest to the middle: the others lie on the rim between two colours.
     *
     * @param list<int> $own
     * @param list<Lab> $labs
     *
     * @return list<int>
     */
    private static function inner(array $own, array $labs, Lab $middle): array
    {
        usort($own, static fn (int $a, int $b): int => [$labs[$a]->distance($middle), $a] <=> [$labs[$b]->distance($middle), $b]);

        return \array_slice($own, 0, intdiv(\count($own) + 1, 2));
    }
}
