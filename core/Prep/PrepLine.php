<?php

declare(strict_types=1);

namespace Inlaid\Core\Prep;

use Inlaid\Core\Edit\NewStep;

/**
 * One line of a proposed preparation: the step, why, and before which step of the recipe it belongs (the end where null).
 *
 * Immutable. `key` tells it from the other lines of one proposal.
 */
final readonly class PrepLine
{
    public function __construct(public string $key, public string $reason, public NewStep $step, public ?string $before)
    {
    }
}
