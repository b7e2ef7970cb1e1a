<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

use Inlaid\App\Http\Api\Field\Between;

/**
 * A round spot: its middle as shares of width and height, its radius as a share of the width.
 */
final readonly class PhotoSpot
{
    private const SAYS = 'Enter a value from 0 to 1';

    public function __construct(
        #[Between(0, 1, self::SAYS)]
        public float $x,
        #[Between(0, 1, self::SAYS)]
        public float $y,
        #[Between(0, 1, self::SAYS)]
        public float $radius,
    ) {
    }
}
