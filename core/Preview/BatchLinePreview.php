<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

/**
 * One line of a batch to be poured: what, how much, and with which measure if one was found.
 *
 * Immutable. `volume` in ml of true volume in the mix.
 */
final readonly class BatchLinePreview
{
    public function __construct(public string $materialId, public string $name, public ?string $colour, public Amount $amount, public float $volume, public ?string $how)
    {
    }
}
