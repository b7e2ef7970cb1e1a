<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Technique\Zone;

/**
 * How far a zone is from its target in the end.
 *
 * Immutable.
 */
final readonly class LookTarget
{
    public function __construct(public Zone $zone, public string $colour, public float $deltaE, public string $inWords)
    {
    }
}
