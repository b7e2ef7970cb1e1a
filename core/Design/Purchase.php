<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Material\Material;

/**
 * The one thing that, bought, would bring a look nearest: a material `like` another, of this colour, for a step of a finish.
 *
 * Immutable. `brings` how far it is then from what is wished, with a little for each coat and paint, ΔE.
 */
final readonly class Purchase
{
    public function __construct(
        public Scheme $scheme,
        public string $step,
        public Material $like,
        public Colour $colour,
        public float $brings,
    ) {
    }
}
