<?php

declare(strict_types=1);

namespace Inlaid\Core\Layout;

/**
 * How many sheets are wanted, the fewest there could be, and what is left over.
 *
 * Immutable.
 */
final readonly class SheetsCut
{
    /**
     * @param list<Cut> $offcuts the largest first
     */
    public function __construct(public int $sheets, public int $atLeast, public array $offcuts)
    {
    }

    /** mm² of the largest piece left over. */
    public function largest(): float
    {
        return [] === $this->offcuts ? 0.0 : $this->offcuts[0]->length * $this->offcuts[0]->width;
    }
}
