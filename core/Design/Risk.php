<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

/**
 * What moves a look, and how far.
 *
 * Immutable. `step` whose coat it is, null where it is the wood; `apart` ΔE.
 */
final readonly class Risk
{
    public function __construct(public ?string $step, public Slip $slip, public float $apart)
    {
    }
}
