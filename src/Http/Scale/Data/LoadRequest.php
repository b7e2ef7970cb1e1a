<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Scale\Data;

use Inlaid\App\Device\BenchScale;
use Inlaid\App\Http\Api\Field\Between;

/**
 * What lies on the scale now, in g; or how much more is poured onto it.
 */
final readonly class LoadRequest
{
    private const SAYS = 'Enter 0 to 20 kg';

    public function __construct(
        #[Between(0, BenchScale::MOST, self::SAYS)]
        public ?float $grams = null,
        #[Between(0, BenchScale::MOST, self::SAYS)]
        public ?float $more = null,
    ) {
    }
}
