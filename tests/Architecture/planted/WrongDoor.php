<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Http\Runs\Data\RunSummary;

/**
 * Planted: an area of the doors uses another.
 */
final class WrongDoor
{
    public function __construct(public RunSummary $run)
    {
    }
}
