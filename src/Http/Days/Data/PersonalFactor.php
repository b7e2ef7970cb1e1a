<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days\Data;

/**
 * A figure of this painter's own: so many times what is typical, within low and high nine times in ten, from so many observations.
 */
final readonly class PersonalFactor
{
    /**
     * @param list<LogPoint> $points what it was learned from, the oldest first
     */
    public function __construct(
        public string $of,
        public string $name,
        public float $factor,
        public float $low,
        public float $high,
        public int $count,
        public array $points,
    ) {
    }
}
