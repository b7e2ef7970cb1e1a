<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

use Inlaid\Core\Measure\Amount;

/**
 * A graded series between two mixes: how much of each end is wanted for all, and the rungs.
 *
 * Immutable.
 */
final readonly class LadderPreview
{
    /**
     * @param list<RungPreview> $rungs
     */
    public function __construct(public Amount $first, public Amount $second, public array $rungs)
    {
    }
}
