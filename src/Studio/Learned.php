<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\Core\Run\Factor;

/**
 * What the jobs of late tell of this painter, and what it was learned from.
 *
 * Immutable. By "paces", "drying" and "amounts".
 */
final readonly class Learned
{
    /**
     * @param array<string, array<string, Factor>> $factors by kind and what they are of
     * @param array<string, list<LoggedPoint>>     $points  by kind
     * @param list<LoggedColour>                   $colours
     */
    public function __construct(public array $factors, public array $points, public array $colours)
    {
    }
}
