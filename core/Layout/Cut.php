<?php

declare(strict_types=1);

namespace Inlaid\Core\Layout;

/**
 * What is cut of a sheet, in mm: along its length, and along its width.
 *
 * Immutable.
 */
final readonly class Cut
{
    public function __construct(public float $length, public float $width)
    {
    }
}
