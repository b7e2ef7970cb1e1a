<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

/**
 * Planted: four things are handed over without saying which is which.
 */
final readonly class ManyThings
{
    public function __construct(private int $one = 1, private int $two = 2, private int $three = 3, private int $four = 4)
    {
    }

    public function others(): self
    {
        return new self(4, 3, 2, 1);
    }

    public function sum(): int
    {
        return $this->one + $this->two + $this->three + $this->four;
    }
}
