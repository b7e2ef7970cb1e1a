<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

/**
 * A colour that runs out over another: where it does, and what becomes of the two where they meet.
 *
 * Immutable. `middle` one part of each, at full strength; `mud` how much chroma that has lost against the mean of both (C* of CIE 1976,
 * over 0 is duller); full up to the share `from` of the way, gone from `to`.
 */
final readonly class LookBlend
{
    public function __construct(
        public string $stepId,
        public string $middle,
        public float $mud,
        public string $way,
        public float $from,
        public float $to,
    ) {
    }
}
