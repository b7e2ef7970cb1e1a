<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Material\Material;

/**
 * How much of one material goes into a batch.
 *
 * Immutable. `measured` in ml as spooned or poured, `mass` in g, `volume` in ml of true volume in the mix.
 */
final readonly class BatchLine
{
    public function __construct(
        public Material $material,
        public BigRational $measured,
        public BigRational $mass,
        public BigRational $volume,
    ) {
    }
}
