<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days\Data;

/**
 * Something that was noted of a job, against what is typical: minutes of hands or of drying, or ml; what is many times off tells nothing.
 */
final readonly class LogPoint
{
    public function __construct(
        public string $run,
        public string $title,
        public string $at,
        public float $typical,
        public float $seen,
        public bool $tells,
    ) {
    }
}
