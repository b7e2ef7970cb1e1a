<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * What a technique leaves in each zone: its thick and thin places and their shares, and by what they are told apart.
 *
 * Immutable. Amounts are against what the technique's figures say of a place that is touched; the levels of a zone come in the order in
 * which they lie (from the top, from the most worn, from the thickest). `relief` how
 * far its thick places stand out, 0 to 1; `settles` whether it goes into what lies low and leaves what stands proud; `way` what places
 * of its own lie along; `share` that of its places
 * that is done.
 */
final readonly class Pattern
{
    /** Less than this of the flat is touched only in passing. */
    public const SOME = 0.05;

    /**
     * @param array<string, non-empty-list<Level>> $levels by zone
     */
    private function __construct(
        private array $levels,
        public Spread $spread,
        public Follows $follows,
        public float $relief,
        public bool $settles,
        public ?string $way = null,
        public float $share = 1.0,
    ) {
    }

    /** The same all over a zone. */
    public static function even(float $field = 1.0, float $edge = 1.0, float $recess = 1.0, float $pore = 1.0): self
    {
        return self::of(
            spread: Spread::Strokes,
            field: [[1.0, $field]],
            edge: [[1.0, $edge]],
            recess: [[1.0, $recess]],
            pore: [[1.0, $pore]],
        );
    }

    /**
     * @param non-empty-list<array{float, float}> $field  share and amount of each level
     * @param non-empty-list<array{float, float}> $edge
     * @param non-empty-list<array{float, float}> $recess
     * @param non-empty-list<array{float, float}> $pore
     */
    public static function of(Spread $spread, array $field, array $edge, array $recess, array $pore): self
    {
        return new self(
            levels: array_map(
                self::levels(...),
                [Zone::Field->value => $field, Zone::Edge->value => $edge, Zone::Recess->value => $recess, Zone::Pore->value => $pore],
            ),
            spread: $spread,
            follows: Follows::Itself,
            relief: 0.0,
            settles: false,
        );
    }

    /**
     * Only where wear falls, on edges and of the flat as the part is worn and the hand is heavy; not in recesses or pores.
     *
     * @param non-empty-list<array{float, float}> $levels share of what is worn, and amount, from the worst
     */
    public static function whereWorn(Workmanship $manner, array $levels): self
    {
        $of = static function (float $share) use ($levels): array {
            $share = min(0.95, $share);

            return [...array_map(static fn (array $l): array => [$share * $l[0], $l[1]], $levels), [1 - $share, 0.0]];
        };
        $hand = $manner->hand->factor();

        return self::of(
            spread: Spread::Worn,
            field: $of($hand * $manner->worn->ofFlat()),
            edge: $of($hand * $manner->worn->ofEdges()),
            recess: [[1.0, 0.0]],
            pore: [[1.0, 0.0]],
        );
    }

    /** Only so much of a face. Meant for a zone that it usually leaves out, it does there what it does on the flat. */
    public function on(Extent $extent): self
    {
        if ($extent->isAll()) {
            return $this;
        }
        $needing = $extent->isTouchUp();
        $levels = [];
        foreach ($this->levels as $zone => $usual) {
            $of = $extent->of(Zone::from($zone));
            $own = match (true) {
                [] === $extent->within || $this->touches(Zone::from($zone)) > 0.0 => $usual,
                $this->touches(Zone::Field) >= self::SOME => $this->levels[Zone::Field->value],
                default => [new Level(1.0, 1.0)],
            };
            $share = $of * ($needing ? 1.0 : $extent->share);
            $levels[$zone] = match (true) {
                $share <= 0.0 => [new Level(1.0, 0.0)],
                $share >= 1.0 => $own,
                default => [
                    ...array_map(static fn (Level $l): Level => new Level($share * $l->share, $l->amount), $own),
                    new Level(1 - $share, 0.0),
                ],
            };
        }

        return new self(
            levels: $levels,
            spread: match (true) {
                null !== $extent->way() => Spread::Worn,
                $extent->share < 1.0 && Spread::Strokes === $this->spread => Spread::Patches,
                default => $this->spread,
            },
            follows: $needing ? Follows::Need : $this->follows,
            relief: $this->relief,
            settles: $this->settles,
            way: $extent->way(),
            share: $extent->share,
        );
    }

    /** The share of a zone that gets any of it. */
    public function touches(Zone $zone): float
    {
        return array_sum(array_map(static fn (Level $l): float => $l->amount > 0.0 ? $l->share : 0.0, $this->levels[$zone->value]));
    }

    /** Its thick places stand out, and what comes later catches there or settles beside them. */
    public function raising(float $relief): self
    {
        return new self(
            levels: $this->levels,
            spread: $this->spread,
            follows: $this->follows,
            relief: $relief,
            settles: $this->settles,
            way: $this->way,
            share: $this->share,
        );
    }

    public function settling(): self
    {
        return new self(
            levels: $this->levels,
            spread: $this->spread,
            follows: $this->follows,
            relief: $this->relief,
            settles: true,
            way: $this->way,
            share: $this->share,
        );
    }

    public function following(Follows $follows): self
    {
        return new self(
            levels: $this->levels,
            spread: $this->spread,
            follows: $follows,
            relief: $this->relief,
            settles: $this->settles,
            way: $this->way,
            share: $this->share,
        );
    }

    /**
     * Thicker in some places and thinner in others, by a share, as thirsty ground takes it up unevenly.
     */
    public function uneven(float $by): self
    {
        return new self(
            levels: array_map(static fn (array $levels): array => self::unevened($levels, $by), $this->levels),
            spread: 1 === \count($this->levels[Zone::Field->value]) ? Spread::Patches : $this->spread,
            follows: $this->follows,
            relief: $this->relief,
            settles: $this->settles,
            way: $this->way,
            share: $this->share,
        );
    }

    /**
     * @param non-empty-list<Level> $levels
     *
     * @return non-empty-list<Level>
     */
    private static function unevened(array $levels, float $by): array
    {
        $last = \count($levels) - 1;
        if (0 === $last) {
            $amount = $levels[0]->amount;

            return [new Level(0.3, $amount * (1 - $by)), new Level(0.4, $amount), new Level(0.3, $amount * (1 + $by))];
        }

        return array_map(
            static fn (Level $l, int $i): Level => new Level($l->share, $l->amount * match ($i) {
                0 => 1 - $by, $last => 1 + $by, default => 1.0,
            }),
            $levels,
            array_keys($levels),
        );
    }

    /** Does it leave as much, of the same shares, in every zone as another? */
    public function leavesAs(self $other): bool
    {
        $figures = static fn (self $p): array => array_map(
            static fn (array $levels): array => array_map(static fn (Level $l): array => [$l->share, $l->amount], $levels),
            $p->levels,
        );

        return $figures($this) === $figures($other);
    }

    /** The mean amount over a zone. */
    public function mean(Zone $zone): float
    {
        return array_sum(array_map(static fn (Level $l): float => $l->share * $l->amount, $this->levels[$zone->value]));
    }

    /**
     * @return non-empty-list<Level> shares sum to 1
     */
    public function at(Zone $zone): array
    {
        return $this->levels[$zone->value];
    }

    /**
     * @param non-empty-list<array{float, float}> $levels
     *
     * @return non-empty-list<Level>
     */
    private static function levels(array $levels): array
    {
        return array_map(static fn (array $l): Level => new Level($l[0], $l[1]), $levels);
    }
}
