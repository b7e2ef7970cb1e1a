<?php

declare(strict_types=1);

namespace Inlaid\Core\Work;

/**
 * What it takes to keep parts clean while a step is done.
 *
 * Immutable. `tape` in m, `sheet` in m² and `minutes` are what is put on for this step; what still hangs from the step before
 * (`stays`) is not counted again. `goesOn` whether it hangs on for the next.
 */
final readonly class Masking
{
    public function __construct(public float $tape, public float $sheet, public int $minutes, public bool $stays, public bool $goesOn)
    {
    }
}
