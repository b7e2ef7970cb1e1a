<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * What a step says of how its technique is done, as far as that shows.
 *
 * Immutable. `worn` the share of edges and of the flat that wear reaches on this part, against that of an ordinary front; `share` of the
 * flat that is covered, where it is laid out by measure; `blend` where it is one of several colours that are.
 */
final readonly class Workmanship
{
    public function __construct(
        public Hand $hand = Hand::Middle,
        public ?Direction $strokes = null,
        public ?Placement $where = null,
        public WornPlaces $worn = new WornPlaces(),
        public ?float $share = null,
        public ?Blend $blend = null,
    ) {
    }
}
