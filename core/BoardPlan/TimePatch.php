<?php

declare(strict_types=1);

namespace Inlaid\Core\BoardPlan;

use Inlaid\Core\Board\Board;
use Inlaid\Core\Board\PatchTiming;
use Inlaid\Core\Technique\Effect;

/**
 * Works out how long a patch takes to lay and to wipe: area ÷ the rate of its technique, half of it for either where it is wiped, and never
 * less than it takes to
 * turn from one patch to the next (15 s, typical), unless the board says how long.
 */
final class TimePatch
{
    private const LEAST = 15;

    /**
     * @return PatchTiming|null null where nobody does anything
     */
    public function time(PatchAct $act, Board $board): ?PatchTiming
    {
        $step = $act->work->step;
        $figures = $step->profile;
        if ($figures->rate <= 0.0) {
            return null;
        }
        $dwell = 60 * ($step->detail->dwell ?? 0);
        $wipes = $dwell > 0 || (Effect::Adds === $figures->effect && $figures->left < 1.0);
        $all = 60 * $act->work->area / $figures->rate;
        $usual = max(self::LEAST, (int) ceil($wipes ? $all / 2 : $all));

        return PatchTiming::of($board->lay ?? $usual, $dwell, $wipes ? $board->wipe ?? $usual : 0);
    }
}
