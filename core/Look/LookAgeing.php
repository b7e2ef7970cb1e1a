<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Technique\Zone;

/**
 * How far a zone has turned yellow after some years.
 *
 * Immutable.
 */
final readonly class LookAgeing
{
    public function __construct(public Zone $zone, public int $years, public string $colour, public float $deltaE, public string $inWords)
    {
    }
}
