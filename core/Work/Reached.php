<?php

declare(strict_types=1);

namespace Inlaid\Core\Work;

use Inlaid\Core\Technique\Overspray;

/**
 * A part that a step gets to without being meant for it: how, whether it would be seen there, and whether it is masked.
 *
 * Immutable.
 */
final readonly class Reached
{
    public function __construct(public string $part, public string $name, public Overspray $how, public bool $seen, public bool $masked)
    {
    }
}
