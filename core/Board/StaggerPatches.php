<?php

declare(strict_types=1);

namespace Inlaid\Core\Board;

/**
 * Staggers the patches of a board: lay, wait, wipe, one after the other, by one pair of hands, or by two of which one lays and the other
 * wipes.
 *
 * The wipe of a patch begins exactly when its dwell is over, so a patch is a pair of tasks with a fixed gap, and they must not meet those
 * of the others. For
 * an order of laying, each patch begins as early as it can without meeting anything that stands; orders are searched depth-first, the
 * shortest so far cutting the rest.
 * Bound: all that has to be done by the same hands, and the longest patch. No order may be the last word where patches would better begin
 * later than they can; so the bound
 * is told along.
 */
final class StaggerPatches
{
    /** All of the largest board, and its control patch. */
    public const MOST = Axis::MOST * Axis::MOST + 1;
    /** So many beginnings are tried; then the best so far is the answer. */
    private const MOST_NODES = 8_000;

    /**
     * @param list<PatchTiming> $patches
     *
     * @throws InvalidBoard if there are too many
     */
    public function stagger(array $patches, Hands $hands = Hands::One): Staggered
    {
        if (\count($patches) > self::MOST) {
            throw InvalidBoard::tooManyPatches(self::MOST);
        }
        $bound = $this->bound($patches, $hands);
        $search = new StaggerSearch(patches: $patches, hands: $hands, most: self::MOST_NODES, atLeast: $bound);

        return new Staggered($search->best(), $search->length(), $bound);
    }

    /**
     * @param list<PatchTiming> $patches
     */
    private function bound(array $patches, Hands $hands): int
    {
        $lays = array_sum(array_map(static fn (PatchTiming $p): int => $p->lay, $patches));
        $wipes = array_sum(array_map(static fn (PatchTiming $p): int => $p->wipe, $patches));
        $longest = max([0, ...array_map(static fn (PatchTiming $p): int => $p->whole(), $patches)]);

        return Hands::One === $hands ? max($lays + $wipes, $longest) : max($lays, $wipes, $longest);
    }
}
