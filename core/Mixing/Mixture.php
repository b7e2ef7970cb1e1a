<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

/**
 * A mix as a tree: parts by volume or by mass, of materials or of other mixes, in pouring order.
 *
 * Immutable.
 */
final readonly class Mixture
{
    /**
     * @param non-empty-list<Part> $parts
     */
    private function __construct(public string $name, public Basis $basis, public array $parts)
    {
    }

    /**
     * @param list<Part> $parts
     *
     * @throws InvalidMix if no part is more than nothing
     */
    public static function of(string $name, Basis $basis, array $parts): self
    {
        $real = array_values(array_filter($parts, static fn (Part $p): bool => $p->share->isPositive()));

        return [] === $real ? throw InvalidMix::nothingInIt($name) : new self($name, $basis, $real);
    }
}
