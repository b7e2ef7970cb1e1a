<?php

declare(strict_types=1);

namespace Inlaid\Core\NextMove;

use Inlaid\Core\Technique\Zone;

/**
 * How a zone of a part ends with more or less of one part in the mix of a step, and the rung nearest the target.
 *
 * Immutable. `varies` the name of that part.
 */
final readonly class SolvePreview
{
    /**
     * @param list<SolveRung> $rungs    by ratio, then by coats
     * @param bool            $complete whether there was the time for all of them
     */
    public function __construct(
        public Zone $zone,
        public string $target,
        public string $part,
        public string $varies,
        public array $rungs,
        public SolveRung $best,
        public bool $complete,
    ) {
    }
}
