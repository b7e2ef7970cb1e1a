<?php

declare(strict_types=1);

namespace Inlaid\Core\NextMove;

use Inlaid\Core\Technique\Zone;

/**
 * How a zone of a part ends when a step is thinned more or less and laid more or less often, and the rung nearest the target.
 *
 * Immutable.
 */
final readonly class SolvePreview
{
    /**
     * @param list<SolveRung> $rungs    by thinning, then by coats
     * @param bool            $complete whether there was the time for all of them
     */
    public function __construct(
        public Zone $zone,
        public string $target,
        public string $part,
        public array $rungs,
        public SolveRung $best,
        public bool $complete,
    ) {
    }
}
