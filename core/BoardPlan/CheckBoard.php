<?php

declare(strict_types=1);

namespace Inlaid\Core\BoardPlan;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Board\Board;
use Inlaid\Core\Board\Difference;
use Inlaid\Core\Board\DiffPatches;
use Inlaid\Core\Board\Patch;
use Inlaid\Core\Look\JudgeLook;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Surface\ZoneState;
use Inlaid\Core\Technique\Effect;

/**
 * Looks whether a board will tell what it is to tell: neighbours differ in one thing only, none is there twice, and what a patch is can be
 * said.
 */
final readonly class CheckBoard
{
    /** A patch smaller than this, in mm, is mostly rim. */
    private const LEAST_CLEAR = 60;

    public function __construct(private DiffPatches $diff = new DiffPatches())
    {
    }

    /**
     * @param list<ZoneState>            $flats how the flat of each patch ends
     * @param \Closure(Patch): ZoneState $pores and its pores
     *
     * @return list<BoardRemark> the gravest first
     */
    public function check(Board $board, array $flats, \Closure $pores): array
    {
        $remarks = [...$this->pairs($board), ...$this->alike($board, $flats, $pores), ...$this->says($board)];
        usort($remarks, static fn (BoardRemark $a, BoardRemark $b): int => $b->severity->rank() <=> $a->severity->rank());

        return $remarks;
    }

    /**
     * @return list<BoardRemark>
     */
    private function pairs(Board $board): array
    {
        $signatures = array_map(fn (Patch $p): string => $this->diff->signature($p->recipe), $board->patches);
        $remarks = [];
        foreach ($board->patches as $i => $one) {
            foreach (\array_slice($board->patches, $i + 1, null, true) as $k => $other) {
                $labels = [$one->cell->label, $other->cell->label];
                if ($signatures[$i] === $signatures[$k]) {
                    $remarks[] = new BoardRemark(
                        Severity::Advise,
                        $labels,
                        \sprintf('%s and %s are the same. Change one of them.', ...$labels),
                    );
                } elseif ($one->isBeside($other) && 1 < \count($differences = $this->diff->between($one->recipe, $other->recipe))) {
                    $remarks[] = new BoardRemark(
                        Severity::Warn,
                        $labels,
                        \sprintf(
                            '%s and %s are neighbours and differ in %d variables: %s. You can\'t tell which causes a difference.',
                            $labels[0],
                            $labels[1],
                            \count($differences),
                            implode('; ', array_map(static fn (Difference $d): string => $d->inWords(), $differences)),
                        ),
                    );
                }
            }
        }

        return $remarks;
    }

    /**
     * Neighbours between which nobody will see a difference, by the measure by which a step counts as lost.
     *
     * @param list<ZoneState>            $flats
     * @param \Closure(Patch): ZoneState $pores
     *
     * @return list<BoardRemark>
     */
    private function alike(Board $board, array $flats, \Closure $pores): array
    {
        $labels = $pairs = [];
        foreach ($board->patches as $i => $one) {
            foreach (\array_slice($board->patches, $i + 1, null, true) as $k => $other) {
                if (
                    $one->isBeside($other)
                    && $this->diff->signature($one->recipe) !== $this->diff->signature($other->recipe)
                    && JudgeLook::remains($flats[$i], $flats[$k]) < JudgeLook::LOST
                    && (
                        Grain::None === $one->recipe->piece->parts[0]->substrate->grain
                        || JudgeLook::remains($pores($one), $pores($other)) < JudgeLook::LOST
                    )
                ) {
                    array_push($labels, $one->cell->label, $other->cell->label);
                    $pairs[] = $one->cell->label.' and '.$other->cell->label;
                }
            }
        }

        return [] === $pairs ? [] : [new BoardRemark(
            Severity::Advise,
            array_values(array_unique($labels)),
            \sprintf('Nobody will see a difference between %s, by calculation. Choose values further apart.', implode('; ', $pairs)),
        )];
    }

    /**
     * @return list<BoardRemark>
     */
    private function says(Board $board): array
    {
        $remarks = [];
        $control = $board->control();
        $substrate = $control->recipe->piece->parts[0]->substrate;
        if ($substrate->drinksAtAll() && !$this->saysLastGrit($control)) {
            $remarks[] = new BoardRemark(
                Severity::Advise,
                [],
                'This board has no last sanding. The final grit changes how stain and wash take: add that step.',
            );
        }
        if (min($board->width, $board->height) < self::LEAST_CLEAR) {
            $remarks[] = new BoardRemark(
                Severity::Advise,
                [],
                \sprintf('A patch of %d × %d mm is mostly edge. Use %d mm or more.', $board->width, $board->height, self::LEAST_CLEAR),
            );
        }

        return $remarks;
    }

    /** Is it sanded, with a paper that is named, before anything is laid? */
    private function saysLastGrit(Patch $patch): bool
    {
        foreach ($patch->recipe->steps as $step) {
            if (Effect::Adds === $step->profile->effect) {
                return false;
            }
            if (null !== $step->detail->grit) {
                return true;
            }
        }

        return [] === array_filter($patch->recipe->steps, static fn (Step $s): bool => Effect::Adds === $s->profile->effect);
    }
}
