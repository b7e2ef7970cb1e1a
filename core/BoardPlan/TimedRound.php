<?php

declare(strict_types=1);

namespace Inlaid\Core\BoardPlan;

use Inlaid\Core\Board\PatchTiming;

/**
 * One round of a board to the second, wherever in the week it may come. @internal to the preview of boards.
 *
 * Immutable. In s; `how` what is done otherwise on a patch, in words.
 */
final readonly class TimedRound
{
    /**
     * @param array<string, PatchTiming> $timings by patch, those on which something is done
     * @param list<int>                  $starts  in their order
     * @param array<string, string>      $how     by patch
     */
    public function __construct(
        public array $timings,
        public array $starts,
        public array $how,
        public int $length,
        public int $atLeast,
        public ?int $withHelper,
        public ?string $cannot,
    ) {
    }
}
