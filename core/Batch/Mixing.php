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
     * @param non-empty-array<int, float> $shares
     */
    public function __construct(public ?int $at, public array $shares)
    {
    }

    /** "coat 2", "coats 1 to 4". */
    public function inWords(): string
    {
        $coats = array_keys($this->shares);

        return 1 === \count($coats) ? 'coat '.$coats[0] : \sprintf('coats %d to %d', min($coats), max($coats));
    }

    /** All coats from one pot, with no day set. */
    public static function once(int $coats): self
    {
        return new self(null, array_fill(1, max(1, $coats), 1.0));
    }
}
