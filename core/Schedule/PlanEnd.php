<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

/**
 * When a plan is over, and the hands-on minutes it takes.
 *
 * Immutable. As in the plan, null where no promise can be made.
 */
final readonly class PlanEnd
{
    public function __construct(public ?string $readyOn, public ?string $curedOn, public int $handsOn)
    {
    }
}
