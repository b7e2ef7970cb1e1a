<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Practice\WorkingDefaults;

/**
 * Finds the choices by which schemes come nearest to a wish.
 *
 * Of each scheme first all pairs of its two lowest colours, as single materials: of the nearest pairs with different lowest colours one
 * slot after another is set to what is best while the others stay. Mixes are tried before any scheme is given up that they could still
 * save: a part more or less of a material, or another in its place. The nearest schemes are settled from all their pairs, the uppermost
 * slot first, for what lies above decides what must lie below; at last what is not needed is left out.
 *
 * Counted in looks, not in seconds, and materials are taken by their names, so every machine gives the same answer and a shelf in another
 * order too; the clock only stops it.
 */
final readonly class SearchLooks
{
    public const LOOKS = 25_000;
    /** Patches of a zone while it is searched. */
    private const PATCHES = 10;
    /** Pairs that a scheme is settled from, and dwells of the second that are tried with them. */
    private const STARTS = 3;
    private const DWELLS = 2;
    /** So many choices are all tried. */
    private const LITTLE = 400;
    private const ROUNDS = 3;
    /** ΔE from the nearest by which single materials may be farther, that mixes still mend it. */
    private const HOPELESS = 8.0;
    /** Schemes that are settled from all their pairs, and those to the end. */
    private const SETTLED = 6;
    private const FINISHED = 2;
    /** Parts of a mix at most. */
    private const PARTS = 10;
    /** What may be lost for each thing that is left out, ΔE. */
    private const UNSEEN = 0.15;

    public function __construct(private BuildSchemeLook $look = new BuildSchemeLook())
    {
    }

    /**
     * @param iterable<Scheme>                   $schemes
     * @param \Closure(): bool                   $isOver  whether it must give what it has found
     * @param (\Closure(list<Found>): void)|null $tell    what is nearest so far, every now and then
     * @param int<1, max>                        $effort  so many times the looks, and as many finishes settled to the end
     */
    public function search(
        iterable $schemes,
        Wish $wish,
        Climate $climate,
        WorkingDefaults $habits,
        \Closure $isOver,
        int $looks = self::LOOKS,
        ?\Closure $tell = null,
        int $effort = 1,
    ): Searched {
        $looks *= $effort;
        $left = new LooksLeft($looks, $isOver);
        $all = $seeds = $costs = [];
        $tellOf = function () use (&$all, &$costs, $tell): void {
            null === $tell || $tell($this->found($all, $costs));
        };
        foreach ($schemes as $scheme) {
            $all[] = $look = $this->look->open(
                scheme: $scheme,
                wish: $wish,
                climate: $climate,
                habits: $habits,
                patches: self::PATCHES,
                left: $left,
            );
            $seeds[] = $own = $this->seeds($look);
            $look->set(($own[0] ?? []) + $look->choices());
            $costs[] = $this->settle(look: $look, cost: $look->cost(), rounds: 1, mixes: false);
            $tellOf();
        }
        $least = min([\INF, ...$costs]);
        foreach ($costs as $n => $cost) {
            $costs[$n] = $cost > $least + self::HOPELESS ? $cost : $this->settle(look: $all[$n], cost: $cost, rounds: 1, mixes: true);
        }
        foreach (self::nearest($costs, $effort * self::SETTLED) as $n) {
            $costs[$n] = $this->restart($all[$n], $costs[$n], $seeds[$n]);
            $tellOf();
        }
        foreach (self::nearest($costs, $effort * self::FINISHED) as $n) {
            $this->restart($all[$n], $costs[$n], $this->otherManners($all[$n]));
            $costs[$n] = $this->simplify($all[$n]);
        }

        return new Searched(found: $this->found($all, $costs), complete: $left->left > 0 && !$left->isDone(), looks: $looks - $left->left);
    }

    /**
     * @param array<int, SchemeLook> $all
     * @param array<int, float>      $costs
     *
     * @return list<Found> the nearest first
     */
    private function found(array $all, array $costs): array
    {
        return array_map(
            static fn (int $n): Found => new Found(
                scheme: $all[$n]->scheme,
                choices: $all[$n]->choices(),
                ends: $all[$n]->ends(),
                cost: $costs[$n],
            ),
            self::nearest($costs, \count($costs)),
        );
    }

    /**
     * @param array<int, float> $costs
     *
     * @return list<int>
     */
    private static function nearest(array $costs, int $most): array
    {
        asort($costs);

        return \array_slice(array_keys($costs), 0, $most);
    }

    /**
     * Of all pairs for its two lowest colours the best for each of the lowest.
     *
     * @return list<array<int, Choice>> the nearest first
     */
    private function seeds(SchemeLook $look): array
    {
        $all = $this->all($look->scheme);
        $slots = array_keys(array_filter($look->scheme->slots, static fn (Slot $s): bool => $s->mixes));
        if ([] !== $all || [] === $slots) {
            return $this->nearestOf($look, $all);
        }
        $above = isset($slots[1]) ? $this->shorterAndLonger($look, $slots[1]) : [null];
        $costs = $seeds = $kept = [];
        foreach ($this->singles($look, $slots[0]) as $i => $a) {
            $bound = $kept[self::STARTS - 1] ?? \INF;
            foreach ($above as $b) {
                $seed = null === $b ? [$slots[0] => $a] : [$slots[0] => $a, $slots[1] => $b];
                $cost = $look->costOf($seed, $bound);
                if ($cost < $bound) {
                    [$bound, $costs[$i], $seeds[$i]] = [$cost, $cost, $seed];
                }
            }
            $kept = self::least($kept, $costs[$i] ?? \INF);
        }

        return array_map(static fn (int $i): array => $seeds[$i], self::nearest($costs, self::STARTS));
    }

    /**
     * All there is with single materials, where that is little.
     *
     * @return list<array<int, Choice>>
     */
    private function all(Scheme $scheme): array
    {
        $all = [[]];
        foreach ($scheme->slots as $at => $slot) {
            $of = $slot->singles();
            if (\count($of) * \count($all) > self::LITTLE) {
                return [];
            }
            $all = array_merge(...array_map(
                static fn (array $before): array => array_map(static fn (Choice $c): array => $before + [$at => $c], $of),
                $all,
            ));
        }

        return $all;
    }

    /**
     * @param list<array<int, Choice>> $all
     *
     * @return list<array<int, Choice>>
     */
    private function nearestOf(SchemeLook $look, array $all): array
    {
        $costs = $kept = [];
        foreach ($all as $i => $choices) {
            $costs[$i] = $look->costOf($choices, $kept[self::STARTS - 1] ?? \INF);
            $kept = self::least($kept, $costs[$i]);
        }

        return array_map(static fn (int $i): array => $all[$i], self::nearest($costs, self::STARTS));
    }

    /**
     * @param list<float> $kept the least so far, in order
     *
     * @return list<float> no more than are settled from
     */
    private static function least(array $kept, float $cost): array
    {
        $kept[] = $cost;
        sort($kept);

        return \array_slice($kept, 0, self::STARTS);
    }

    /**
     * @return list<Choice>
     */
    private function shorterAndLonger(SchemeLook $look, int $at): array
    {
        $all = [];
        foreach ($this->singles($look, $at) as $single) {
            foreach (\array_slice(array_keys($look->scheme->slots[$at]->dwells), 0, self::DWELLS) as $dwell) {
                $all[] = $single->with(dwell: $dwell);
            }
        }

        return $all;
    }

    /**
     * Each material by itself.
     *
     * @return list<Choice>
     */
    private function singles(SchemeLook $look, int $at): array
    {
        $slot = $look->scheme->slots[$at];

        return $slot->allowed(array_map(
            static fn (int $m): Choice => $look->choices()[$at]->laying([$m => 1]),
            array_keys($slot->materials),
        ));
    }

    /**
     * Settles it from each seed, and keeps the best.
     *
     * @param list<array<int, Choice>> $seeds
     */
    private function restart(SchemeLook $look, float $best, array $seeds): float
    {
        $choices = $look->choices();
        foreach ($seeds as $seed) {
            $look->set($seed + $look->scheme->usual());
            $cost = $this->settle(look: $look, cost: $look->cost(), rounds: self::ROUNDS, mixes: true);
            if ($cost < $best) {
                [$best, $choices] = [$cost, $look->choices()];
            }
        }
        $look->set($choices);

        return $best;
    }

    /**
     * As it is, but one slot thinned more or less, by another hand, or left longer or shorter: step by step nobody gets from one to
     * another.
     *
     * @return list<array<int, Choice>>
     */
    private function otherManners(SchemeLook $look): array
    {
        $others = [];
        foreach ($look->scheme->slots as $at => $slot) {
            $now = $look->choices()[$at];
            $manners = array_map(static fn (int $ratio): Choice => $now->with(ratio: $ratio), array_keys($slot->ratios));
            foreach (array_keys($slot->hands) as $hand) {
                foreach (array_keys($slot->dwells) as $dwell) {
                    $manners[] = $now->with(hand: $hand, dwell: $dwell);
                }
            }
            foreach ($slot->allowed($manners) as $other) {
                $others[$other->key.$at] = [$at => $other] + $look->choices();
            }
        }

        return array_values($others);
    }

    private function settle(SchemeLook $look, float $cost, int $rounds, bool $mixes): float
    {
        $slots = array_keys($look->scheme->slots);
        for ($round = 0; $round < $rounds; ++$round) {
            $before = $cost;
            foreach ($mixes ? array_reverse($slots) : $slots as $at) {
                foreach ($this->ways($look, $at, $mixes) as $ways) {
                    $cost = $this->best(look: $look, at: $at, choices: $ways, cost: $cost);
                }
            }
            if ($cost >= $before - 1e-9) {
                break;
            }
        }

        return $cost;
    }

    /**
     * Takes the best of some choices, where one is better than what is.
     *
     * @param list<Choice> $choices
     */
    private function best(SchemeLook $look, int $at, array $choices, float $cost): float
    {
        $best = null;
        foreach ($choices as $choice) {
            if ($look->left->isDone()) {
                break;
            }
            $of = $look->costOf([$at => $choice], $cost);
            if ($of < $cost - 1e-9) {
                [$cost, $best] = [$of, $choice];
            }
        }
        if (null !== $best) {
            $look->set([$at => $best]);
        }

        return $cost;
    }

    /**
     * What can be tried in a slot, in groups one after another, each beginning with what was found by then.
     *
     * @return \Generator<list<Choice>>
     */
    private function ways(SchemeLook $look, int $at, bool $mixes): \Generator
    {
        $slot = $look->scheme->slots[$at];
        if (1 < \count($slot->materials)) {
            yield $this->singles($look, $at);
            if ($mixes && $slot->mixes) {
                yield $slot->allowed($this->stirred($look->choices()[$at], \count($slot->materials)));
            }
        }
        $ways = [];
        foreach (array_keys($slot->ratios) as $ratio) {
            foreach (array_keys($slot->coats) as $coats) {
                $ways[] = $look->choices()[$at]->with(ratio: $ratio, coats: $coats);
            }
        }
        yield $slot->allowed($ways);
        $ways = [];
        foreach (array_keys($slot->hands) as $hand) {
            foreach (array_keys($slot->dwells) as $dwell) {
                $ways[] = $look->choices()[$at]->with(hand: $hand, dwell: $dwell);
            }
        }
        yield $ways;
    }

    /**
     * A little more or less of one material in it, or another in the place of one; two at most.
     *
     * @return list<Choice>
     */
    private function stirred(Choice $now, int $materials): array
    {
        $mixes = [];
        $total = array_sum($now->parts);
        for ($m = 0; $m < $materials; ++$m) {
            foreach (isset($now->parts[$m]) || \count($now->parts) < 2 ? [1, 2, 4] : [] as $times) {
                $parts = array_map(static fn (int $n): int => $times * $n, $now->parts);
                $parts[$m] = ($parts[$m] ?? 0) + 1;
                if (array_sum($parts) <= self::PARTS) {
                    $mixes[] = $parts;
                }
            }
            foreach ($total > 1 && !isset($now->parts[$m]) ? $now->parts : [] as $instead => $n) {
                $mixes[] = array_diff_key($now->parts, [$instead => 0]) + [$m => $n];
            }
        }
        foreach ($now->parts as $m => $n) {
            if ($n > 1) {
                $mixes[] = [$m => $n - 1] + $now->parts;
            }
        }

        return array_map(static function (array $parts) use ($now): Choice {
            ksort($parts);
            $common = array_reduce($parts, self::common(...), 0);

            return $now->laying(array_map(static fn (int $n): int => intdiv($n, $common), $parts));
        }, $mixes);
    }

    /** Greatest common divisor. */
    private static function common(int $a, int $b): int
    {
        return 0 === $b ? $a : self::common($b, $a % $b);
    }

    /** Leaves out what is hardly seen: a material of a mix, a coat. */
    private function simplify(SchemeLook $look): float
    {
        $cost = $look->cost();
        foreach ($look->scheme->slots as $at => $slot) {
            $now = $look->choices()[$at];
            $simpler = array_map(
                static fn (int $m): Choice => $now->laying([$m => 1]),
                1 < \count($now->parts) ? array_keys($now->parts) : [],
            );
            foreach ($slot->coats as $i => $coats) {
                if ($coats < $slot->coats[$now->coats]) {
                    $simpler[] = $now->with(coats: $i);
                }
            }
            $this->best(look: $look, at: $at, choices: $slot->allowed($simpler), cost: $cost + self::UNSEEN);
            $cost = $look->cost();
        }

        return $cost;
    }
}
