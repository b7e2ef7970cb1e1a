<?php

declare(strict_types=1);

namespace Inlaid\Core\BoardPlan;

use Inlaid\Core\Technique\Effect;

/**
 * One go over the board: the same step on every patch whose turn it is.
 *
 * Immutable. `length` in s, no plan is shorter than `atLeast`; `withHelper` the same if somebody else wipes, null where that gains nothing;
 * `cannot` why it cannot be done
 * so; `start` and `end` in ISO 8601, null where no promise can be made; `wait` the longest of its patches, in minutes.
 */
final readonly class BoardRound
{
    /**
     * @param list<PatchTurn> $turns by when they are laid
     */
    public function __construct(
        public int $number,
        public string $stepId,
        public string $name,
        public Effect $effect,
        public int $coat,
        public int $coats,
        public array $turns,
        public int $length,
        public int $atLeast,
        public ?int $withHelper,
        public ?string $cannot,
        public ?string $start,
        public ?string $end,
        public int $wait,
        public bool $overnight,
    ) {
    }
}
