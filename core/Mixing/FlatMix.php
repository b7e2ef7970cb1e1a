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
}
