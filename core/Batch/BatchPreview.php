<?php

declare(strict_types=1);

namespace Inlaid\Core\Batch;

use Inlaid\Core\Measure\Amount;

/**
 * The batch to mix: in whole measures where `measured`, else exact amounts for a scale or a steady hand.
 *
 * Immutable. `error` is the largest ratio error, 0 for an exact batch; `smallest` whether it is proved
 * that no smaller one can be measured within the tolerance.
 */
final readonly class BatchPreview
{
    /**
     * @param list<BatchLinePreview> $lines in pouring order
     */
    public function __construct(
        public bool $measured,
        public Amount $yield,
        public Amount $surplus,
        public float $error,
        public array $lines,
        public ?float $cost,
        public bool $smallest,
    ) {
    }
}
