<?php

declare(strict_types=1);

namespace Inlaid\Core\Batch;

use Inlaid\Core\Measure\Amount;

/**
 * What is mixed in one go for some coats of a step, and the cup it is poured into.
 *
 * Immutable. `coats` it is for, the first 1; `at` when it is mixed, as it is told in the studio, null where that is not planned; `need`
 * what these coats take.
 */
final readonly class PouredMix
{
    /**
     * @param list<int> $coats
     */
    public function __construct(
        public array $coats,
        public ?string $at,
        public Amount $need,
        public BatchPreview $batch,
        public ?CupPreview $cup,
    ) {
    }
}
