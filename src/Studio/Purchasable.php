<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

/**
 * A paint that, bought, would bring a look nearest: one like a material, of a colour, for a step of a finish.
 *
 * Immutable. `brings` how far the look is then, ΔE.
 */
final readonly class Purchasable
{
    public function __construct(
        public string $like,
        public string $material,
        public string $colour,
        public string $finish,
        public string $step,
        public float $brings,
    ) {
    }
}
