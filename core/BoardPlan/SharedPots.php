<?php

declare(strict_types=1);

namespace Inlaid\Core\BoardPlan;

use Inlaid\Core\Mixing\Contents;

/**
 * The pots of a board. @internal to the preview of boards.
 *
 * Immutable. `byPatch` the number of the pot that a patch is laid from, for each round; `takes` what all of them take from the shelf.
 */
final readonly class SharedPots
{
    /**
     * @param list<BoardPot>                 $pots
     * @param array<int, array<string, int>> $byPatch
     */
    public function __construct(public array $pots, public array $byPatch, public Contents $takes)
    {
    }
}
