<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\Core\Design\Slip;

/**
 * What moves the look of a proposal, and how far.
 *
 * Immutable. `step` its name, null where it is the wood; `apart` ΔE.
 */
final readonly class RiskToldOf
{
    public function __construct(public ?string $step, public Slip $slip, public float $apart)
    {
    }
}
