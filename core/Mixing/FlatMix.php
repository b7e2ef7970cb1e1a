<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

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
}
