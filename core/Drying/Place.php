<?php

declare(strict_types=1);

namespace Inlaid\Core\Drying;

/**
 * Where a piece stands while it dries, with air of its own.
 *
 * Immutable. `holds` how many pieces can stand there at once, null for any number.
 */
final readonly class Place
{
    public function __construct(public string $id, public string $name, public DayCurve $air, public ?int $holds = null)
    {
    }
}
