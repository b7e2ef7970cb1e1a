<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Inlaid\Core\Material\Material;

/**
 * What is really in a mix, material by material, in pouring order.
 *
 * Immutable.
 */
final readonly class FlatMix
{
    /**
     * @param non-empty-list<Leaf> $leaves
     */
    public function __construct(public string $name, public array $leaves)
    {
    }

    /**
     * The cautions of everything in it, each once.
     *
     * @return list<string>
     */
    public function cautions(): array
    {
        return array_values(array_unique(array_merge(...array_map(static fn (Leaf $l): array => $l->material->cautions, $this->leaves))));
    }

    /**
     * Price of one ml, or null where something in it has no known price.
     */
    public function pricePerMl(): ?float
    {
        return Material::cost(array_map(static fn (Leaf $l): array => [$l->material, $l->mass], $this->leaves));
    }
}
