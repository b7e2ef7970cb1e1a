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
    public function __construct(
        private readonly array $patches,
        private readonly Hands $hands,
        private readonly int $most,
        private readonly int $atLeast,
    ) {
        // The longest dwell first is a good first guess: the others fit into it.
        $order = array_keys($patches);
        usort($order, static fn (int $a, int $b): int => $patches[$b]->dwell <=> $patches[$a]->dwell ?: $a <=> $b);
        $this->search(left: $order, starts: [], laying: [], wiping: [], from: 0, end: 0);
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
     * One pair of hands has one list of what it is busy with, which then stands in both places.
     *
     * @param list<int>             $left   patches still to be begun
     * @param array<int, int>       $starts by patch
     * @param list<array{int, int}> $laying from and to, of the hands that lay, the earliest first
     * @param list<array{int, int}> $wiping of the hands that wipe
     */
    private function search(array $left, array $starts, array $laying, array $wiping, int $from, int $end): void
    {
        if ($end >= $this->length || $this->length <= $this->atLeast || ([] !== $this->best && $this->nodes >= $this->most)) {
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
            $at = $this->earliest(timing: $timing, from: $from, laying: $laying, wiping: $wiping);
            $wiped = $at + $timing->lay + $timing->dwell;
            $rest = $left;
            array_splice($rest, $i, 1);
            $lays = self::with($laying, $at, $at + $timing->lay);
            $wipes = Hands::One === $this->hands
                ? $lays = self::with($lays, $wiped, $wiped + $timing->wipe)
                : self::with($wiping, $wiped, $wiped + $timing->wipe);
            $this->search(
                left: $rest,
                starts: $starts + [$patch => $at],
                laying: $lays,
                wiping: $wipes,
                from: $at + $timing->lay,
                end: max($end, $wiped + $timing->wipe),
            );
        }
    }

    /**
     * The first moment from which on neither laying nor wiping meets what the same hands do.
     *
     * @param list<array{int, int}> $laying
     * @param list<array{int, int}> $wiping
     */
    private function earliest(PatchTiming $timing, int $from, array $laying, array $wiping): int
    {
        $at = $from;
        do {
            $before = $at;
            $at = self::clear($at, $timing->lay, $laying);
            $gap = $timing->lay + $timing->dwell;
            $at = 0 === $timing->wipe ? $at : self::clear($at + $gap, $timing->wipe, $wiping) - $gap;
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
            if ($from >= $at + $seconds) {
                break;
            }
            $at = $at < $to ? $to : $at;
        }

        return $at;
    }

    /**
     * @param list<array{int, int}> $busy the earliest first
     *
     * @return list<array{int, int}>
     */
    private static function with(array $busy, int $from, int $to): array
    {
        if ($from < $to) {
            for ($i = \count($busy); $i > 0 && $busy[$i - 1][0] > $from; --$i) {
            }
            array_splice($busy, $i, 0, [[$from, $to]]);
        }

        return $busy;
    }
}
