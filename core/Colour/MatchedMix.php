<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * A mix in small whole parts, and how near it comes.
 *
 * Immutable. `parts` by the key of the paint; `colour` what an endless film of it looks like.
 */
final readonly class MatchedMix
{
    /**
     * @param non-empty-array<array-key, int> $parts
     */
    public function __construct(public array $parts, public float $deltaE, public Colour $colour)
    {
    }
}
