<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

/**
 * Whether a coat hides: the ΔE on the flat between it and an endless film of the same.
 *
 * Immutable. `coats` how many it takes until that is no more than 1, as many as stated if they do; null where no number of coats does.
 */
final readonly class LookHides
{
    public function __construct(public string $stepId, public float $off, public ?int $coats)
    {
    }
}
