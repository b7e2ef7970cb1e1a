<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

/**
 * The masking of a step: tape in m, sheet in m², minutes of putting it on, and when the tape is pulled.
 *
 * Immutable. `stays` where it still hangs from the step before and nothing is put on; `pullFrom` and `pullBy` the end of the last coat and
 * when that is touch-dry, both null where it hangs on for the next step or nothing is planned.
 */
final readonly class MaskingPreview
{
    public function __construct(
        public float $tape,
        public float $sheet,
        public int $minutes,
        public bool $stays,
        public ?string $pullFrom,
        public ?string $pullBy,
    ) {
    }
}
