<?php

declare(strict_types=1);

namespace Inlaid\Core\Work;

use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Shape\Level;
use Inlaid\Core\Practice\WorkingDefaults;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;

/**
 * Puts the parts of a step in the order they are laid: from above downwards, with the top last, or upside down with the legs first, as the
 * practice has it; what is taken out or off comes at the end.
 */
final class OrderParts
{
    /**
     * @return list<string> names; none where it is done to one part
     */
    public function order(Recipe $recipe, Step $step, WorkingDefaults $habits): array
    {
        $parts = $recipe->partsOf($step);
        $topLast = $habits->holds('part-order', 'top-last');
        $upsideDown = $habits->holds('part-order', 'legs-first');
        $place = static fn (PiecePart $p): int => match (true) {
            $p->comesOff() => 9,
            $upsideDown => $p->surface->level->value,
            Level::Top === $p->surface->level => $topLast ? 8 : 0,
            default => Level::Top->value - $p->surface->level->value,
        };
        usort($parts, static fn (PiecePart $a, PiecePart $b): int => $place($a) <=> $place($b)); // stable: as surveyed within a level

        return \count($parts) < 2 ? [] : array_map(static fn (PiecePart $p): string => $p->name, $parts);
    }
}
