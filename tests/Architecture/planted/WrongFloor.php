<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Inlaid\App\Studio\PlanBench;

/**
 * Planted: what is stored uses a use case.
 */
final class WrongFloor
{
    public function __construct(public PlanBench $plan)
    {
    }
}
