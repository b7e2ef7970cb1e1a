<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * How much of the faces it touches a step is meant for: some zones or worn places of them, and a share of that.
 *
 * Immutable. `share` above 0 and up to 1.
 */
final readonly class Extent
{
    /**
     * @param list<Within> $within none for all
     */
    public function __construct(public array $within = [], public float $share = 1.0, public Chosen $chosen = Chosen::Needing)
    {
    }

    public function isAll(): bool
    {
        return [] === $this->within && $this->share >= 1.0;
    }

    /** Only what needs it is done again: that is no coat. */
    public function isTouchUp(): bool
    {
        return $this->share < 1.0 && Chosen::Needing === $this->chosen;
    }

    /** The share of a zone that it is meant for, before the share of that. */
    public function of(Zone $zone): float
    {
        return [] === $this->within
            ? 1.0
            : min(1.0, array_sum(array_map(static fn (Within $w): float => $w->of($zone), $this->within)));
    }

    /** What its places lie along, the same for steps that share them; null where whole zones are meant. */
    public function way(): ?string
    {
        $worn = array_filter($this->within, static fn (Within $w): bool => null !== $w->worn());
        $names = array_map(static fn (Within $w): string => $w->value, $worn);
        sort($names);

        return [] === $names ? null : 'at '.implode(' ', $names);
    }

    public function inWords(): string
    {
        $within = array_map(static fn (Within $w): string => $w->inWords(), $this->within);
        $share = match (true) {
            $this->share >= 1.0 => null,
            default => \sprintf(
                '%g %% %s',
                round(100 * $this->share, 1),
                Chosen::Needing === $this->chosen ? 'where it needs it' : 'here and there',
            ),
        };

        return implode(', ', [...$within, ...(null === $share ? [] : [$share])]);
    }
}
