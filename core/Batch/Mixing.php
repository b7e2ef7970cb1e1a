<?php

declare(strict_types=1);

namespace Inlaid\Core\Batch;

/**
 * When a mix is made, and how much of which coats it is for.
 *
 * Immutable. `at` an instant, null where that is not planned. `shares` of a coat by its number: 1 for all of it.
 */
final readonly class Mixing
{
    /**
     * @param array<int, float> $shares
     */
    public function __construct(public ?int $at, public array $shares)
    {
    }

    /** All coats from one pot, with no day set. */
    public static function once(int $coats): self
    {
        return new self(null, array_fill(1, $coats, 1.0));
    }
}
