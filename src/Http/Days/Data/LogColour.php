<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days\Data;

/**
 * A colour that was seen after a step of a job, against the one that was to be expected.
 */
final readonly class LogColour
{
    public function __construct(
        public string $run,
        public string $title,
        public string $step,
        public string $zone,
        public string $at,
        public string $seen,
        public string $expected,
        public float $deltaE,
        public string $inWords,
    ) {
    }
}
