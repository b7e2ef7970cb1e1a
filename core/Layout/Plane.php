<?php

declare(strict_types=1);

namespace Inlaid\Core\Layout;

/**
 * A flat face with square corners, in mm, as its shape has it: measured from one corner, along its length and along its width.
 *
 * Immutable.
 */
final readonly class Plane
{
    private function __construct(public float $length, public float $width)
    {
    }

    /**
     * @throws InvalidLayout if it has no size
     */
    public static function of(float $length, float $width): self
    {
        return $length > 0.0 && $width > 0.0 && max($length, $width) <= 100_000.0
            ? new self($length, $width)
            : throw InvalidLayout::outOfRange('A face', 'between 0 and 100000 mm long and wide');
    }

    /** With length and width exchanged. */
    public function turned(): self
    {
        return new self($this->width, $this->length);
    }
}
