<?php

declare(strict_types=1);

namespace Inlaid\Core\Batch;

use Inlaid\Core\Mixing\Mark;
use Inlaid\Core\Mixing\Vessel;

/**
 * A cup with the marks to pour to. Lengths in mm, capacity in ml.
 *
 * Immutable.
 */
final readonly class CupPreview
{
    /**
     * @param list<Mark> $marks
     */
    public function __construct(
        public string $name,
        public bool $round,
        public float $bottom,
        public float $top,
        public float $height,
        public float $capacity,
        public array $marks,
    ) {
    }

    /**
     * @param list<Mark> $marks
     */
    public static function of(Vessel $vessel, array $marks): self
    {
        return new self(
            name: $vessel->name,
            round: $vessel->round,
            bottom: $vessel->bottom,
            top: $vessel->top,
            height: $vessel->height,
            capacity: round($vessel->capacity(), 2),
            marks: $marks,
        );
    }
}
