<?php

declare(strict_types=1);

namespace Inlaid\Core\Board;

/**
 * A search over the orders in which patches are laid.
 *
 * @internal belongs to StaggerPatches
 */
final class StaggerSearch
{
    /** @var list<int> */
    private array $best = [];
    private int $length = \PHP_INT_MAX;
    private int $nodes = 0;

    /**
     * @param list<PatchTiming> $patches
     */
    public function __construct(private readonly array $patches, private readonly Hands $hands, private readonly int $most)
    {
        // The longest dwell first is a good first guess: the others fit into it.
        $order = array_keys($patches);
        usort($order, static fn (int $a, int $b): int => $patches[$b]->dwell <=> $patches[$a]->dwell ?: $a <=> $b);
        $this->search($order, [], [], [], 0, 0);
    }

    /**
     * @return list<int> when each patch begins
     */
    public function best(): array
    {
        return $this->best;
    }

    public function length(): int
    {
        return [] === $this->patches ? 0 : $this->length;
    }

    /**
     * @param list<int>             $left   patches still to be begun
     * @param array<int, int>       $starts by patch
     * @param list<array{int, int}> $lays   from and to, of the hands that lay
     * @param list<array{int, int}> $wipes  of the hands that wipe
     */
    private function search(array $left, array $starts, array $lays, array $wipes, int $from, int $end): void
    {
        if ($end >= $this->length || ([] !== $this->best && $this->nodes >= $this->most)) {
            return;
        }
        if ([] === $left) {
            ksort($starts);
            [$this->best, $this->length] = [array_values($starts), $end];

            return;
        }
        $tried = [];
        foreach ($left as $i => $patch) {
            $timing = $this->patches[$patch];
            $like = $timing->lay.' '.$timing->dwell.' '.$timing->wipe;
            if (isset($tried[$like])) {
                continue; // one that takes as long has been tried in this place
            }
            $tried[$like] = true;
            ++$this->nodes;
            $at = $this->earliest($timing, $from, $lays, $wipes);
            $rest = $left;
            array_splice($rest, $i, 1);
            $wiped = $at + $timing->lay + $timing->dwell;
            $this->search($rest, $starts + [$patch => $at], [...$lays, [$at, $at + $timing->lay]], 0 === $timing->wipe ? $wipes : [...$wipes, [$wiped, $wiped + $timing->wipe]], $at + $timing->lay, max($end, $wiped + $timing->wipe));
        }
    }

    /**
     * The first moment from which on neither laying nor wiping meets what the same hands do.
     *
     * @param list<array{int, int}> $lays
     * @param list<array{int, int}> $wipes
     */
    private function earliest(PatchTiming $timing, int $from, array $lays, array $wipes): int
    {
        [$forLaying, $forWiping] = Hands::One === $this->hands ? array_fill(0, 2, self::sorted([...$lays, ...$wipes])) : [self::sorted($lays), self::sorted($wipes)];
        $at = $from;
        do {
            $before = $at;
            $at = self::clear($at, $timing->lay, $forLaying);
            $gap = $timing->lay + $timing->dwell;
            $at = 0 === $timing->wipe ? $at : self::clear($at + $gap, $timing->wipe, $forWiping) - $gap;
        } while ($at !== $before);

        return $at;
    }

    /**
     * The first moment from which on so many seconds are free.
     *
     * @param list<array{int, int}> $busy the earliest first
     */
    private static function clear(int $at, int $seconds, array $busy): int
    {
        foreach ($busy as [$from, $to]) {
            $at = $at < $to && $from < $at + $seconds ? $to : $at;
        }

        return $at;
    }

    /**
     * @param list<array{int, int}> $busy
     *
     * @return list<array{int, int}>
     */
    private static function sorted(array $busy): array
    {
        usort($busy, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $busy;
    }
}
