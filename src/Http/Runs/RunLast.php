<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\Core\Bench\EventKind;

/**
 * What was noted last of a run, to be undone.
 */
final readonly class RunLast
{
    public function __construct(public string $id, public string $at, public EventKind $kind, public ?string $step, public int $coat, public int $lay)
    {
    }
}
