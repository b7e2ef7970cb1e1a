<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Material\Material;

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

    /** The place of its first thinner among the parts; null where it has none. */
    public function thinner(): ?int
    {
        foreach ($this->parts as $i => $part) {
            if ($part->of instanceof Material && $part->of->kind->thins()) {
                return $i;
            }
        }

        return null;
    }

    /** The shares of all parts but one. */
    public function rest(int $but): BigRational
    {
        $rest = BigRational::zero();
        foreach ($this->parts as $i => $part) {
            $rest = $i === $but ? $rest : $rest->plus($part->share);
        }

        return $rest;
    }
}
