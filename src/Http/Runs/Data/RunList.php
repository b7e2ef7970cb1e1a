<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs\Data;

/**
 * A page of the runs, the last put on the bench first.
 */
final readonly class RunList
{
    /**
     * @param list<RunSummary> $runs
     */
    public function __construct(public int $total, public int $page, public int $size, public array $runs)
    {
    }
}
