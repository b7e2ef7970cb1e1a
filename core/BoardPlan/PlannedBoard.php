<?php

declare(strict_types=1);

namespace Inlaid\Core\BoardPlan;

/**
 * The rounds of a board by the clock. @internal to the preview of boards.
 *
 * Immutable. `ready` when all can be read, null where `stuck` says why that cannot be told.
 */
final readonly class PlannedBoard
{
    /**
     * @param list<BoardRound>  $rounds
     * @param list<BoardRemark> $remarks what comes too late
     */
    public function __construct(public array $rounds, public array $remarks, public ?int $ready, public ?string $stuck)
    {
    }
}
