<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\Core\Design\Wish;
use Inlaid\Core\Look\StackPreview;
use Inlaid\Core\Technique\Zone;

/**
 * How near a zone comes to what is wished of it.
 *
 * Immutable. `apart` ΔE, or beyond 10 the distance in L*a*b*; `lighter`, `stronger` by how much it is lighter and more colourful than
 * wished, in L* and C*.
 */
final readonly class Near
{
    private function __construct(
        public Zone $zone,
        public string $wished,
        public string $colour,
        public float $apart,
        public float $lighter,
        public float $stronger,
    ) {
    }

    public static function of(string $zone, StackPreview $stack, Wish $wish): self
    {
        $end = $stack->laid()->end(Zone::from($zone));
        [$is, $wished] = [$end->lab(), $wish->colours[$zone]];

        return new self(
            zone: Zone::from($zone),
            wished: $wished->light()->colour()->hex,
            colour: $end->mean()->colour()->hex,
            apart: round($wish->apart($zone, $is), 2),
            lighter: round($is->l - $wished->l, 1),
            stronger: round(hypot($is->a, $is->b) - hypot($wished->a, $wished->b), 1),
        );
    }
}
