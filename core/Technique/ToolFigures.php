<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * What a tool means in numbers: typical of general practice.
 *
 * Immutable. `setUp` minutes to make it ready and to clean it after; `pace` how much faster than by hand or brush, `bite` how much more one
 * pass takes away than one by hand; `laid` the wet film against a brushed one; `loss` the share of what is taken that goes elsewhere;
 * `holdUp` ml it keeps; `uneven` by what share its film is thicker and thinner in places than a brushed one.
 */
final readonly class ToolFigures
{
    public function __construct(
        public float $setUp,
        public float $pace = 1.0,
        public float $bite = 1.0,
        public float $laid = 1.0,
        public float $loss = 0.05,
        public float $holdUp = 8.0,
        public float $uneven = 0.0,
    ) {
    }
}
