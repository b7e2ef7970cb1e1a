<?php

declare(strict_types=1);

namespace Inlaid\Core\Layout;

/**
 * A piece of a face that is painted or pasted in one: a stripe, a side of a border, a motif, a cut of a sheet.
 *
 * Immutable. From a corner of the face, in mm: `x` along its length, `y` along its width. `whole` whether nothing of it had to be cut off.
 */
final readonly class Block
{
    public function __construct(public float $x, public float $y, public float $length, public float $width, public bool $whole = true)
    {
    }

    public function area(): float
    {
        return $this->length * $this->width;
    }

    public function turned(): self
    {
        return new self(x: $this->y, y: $this->x, length: $this->width, width: $this->length, whole: $this->whole);
    }
}
