<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

use Inlaid\Core\Batch\BatchLinePreview;
use Inlaid\Core\Batch\CupPreview;
use Inlaid\Core\Measure\Amount;

/**
 * How leftovers become a mix: how much it makes, what is taken of each pot and what is added.
 *
 * Immutable. `taken` by pot, as they were given; `used` the share of the yield that comes from leftovers; `left` what stays in each pot.
 */
final readonly class PoolPreview
{
    /**
     * @param list<Amount>           $taken
     * @param list<Amount>           $left
     * @param list<BatchLinePreview> $add
     */
    public function __construct(
        public Amount $yield,
        public array $taken,
        public array $left,
        public array $add,
        public float $used,
        public ?CupPreview $cup,
    ) {
    }
}
