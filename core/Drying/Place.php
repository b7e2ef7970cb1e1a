<?php

declare(strict_types=1);

namespace Inlaid\Core\Drying;

/**
 * Where a piece stands while it dries, with air of its own.
 *
 * Immutable.
 */
final readonly class Place
{
    public function __construct(public string $id, public string $name, public DayCurve $air)
    {
    }
}
