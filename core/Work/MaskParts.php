<?php

declare(strict_types=1);

namespace Inlaid\Core\Work;

use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Technique\Overspray;

/**
 * Works out the tape and the sheet for the parts a step masks: tape along the line where they meet their neighbours, with a
 * tenth for corners and overlap; sheet over all of them where something sprays, over a hand's breadth along the tape elsewhere.
 */
final class MaskParts
{
    private const OVERLAP = 1.1;
    private const HAND = 0.15;

    /** m of tape in a minute, and m² of sheet; typical of general practice. */
    private const TAPING = 1.5;
    private const COVERING = 0.5;

    /**
     * @param int $index of the step
     */
    public function mask(Recipe $recipe, int $index): ?Masking
    {
        $step = $recipe->steps[$index];
        $parts = $this->masked($recipe, $step);
        if ([] === $parts) {
            return null;
        }
        $before = $recipe->steps[$index - 1] ?? null;
        $hanging = null === $before ? [] : $before->detail->masks;
        $new = array_filter($parts, static fn (PiecePart $p): bool => !\in_array($p->id, $hanging, true));
        $tape = self::OVERLAP * array_sum(array_map(
            static fn (PiecePart $p): float => $p->surface->border / 1000 * $p->count * $recipe->piece->count,
            $new,
        ));
        $sheet = Overspray::Sprays === $step->profile->reach
            ? array_sum(array_map(static fn (PiecePart $p): float => $p->totalArea() * $recipe->piece->count, $new))
            : self::HAND * $tape;
        $next = $recipe->steps[$index + 1] ?? null;

        return new Masking(
            tape: $tape,
            sheet: $sheet,
            minutes: (int) ceil($tape / self::TAPING + $sheet / self::COVERING - 1e-9),
            stays: [] === $new,
            goesOn: null !== $next && [] !== array_intersect($step->detail->masks, $next->detail->masks),
        );
    }

    /**
     * @return list<PiecePart>
     */
    private function masked(Recipe $recipe, Step $step): array
    {
        return array_values(array_filter(
            $recipe->piece->parts,
            static fn (PiecePart $p): bool => \in_array($p->id, $step->detail->masks, true),
        ));
    }
}
