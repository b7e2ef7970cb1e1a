<?php

declare(strict_types=1);

namespace Inlaid\Core\Measure;

/**
 * What a bench scale shows while it settles, for the simulated one that ships with the program.
 *
 * A damped swing toward what lies on it: shown = w + (w₀ − w)·e^(−t/τ)·cos(ωt), τ = 0.35 s, ω = 9 rad/s, in tenths of a gram; settled once
 * the swing is
 * under half a tenth.
 */
final class SettleWeight
{
    private const DAMPING = 0.35;
    private const SWING = 9.0;

    /**
     * @param float $before  grams it showed when the load changed
     * @param float $now     grams that lie on it
     * @param float $seconds since then
     */
    public function show(float $before, float $now, float $seconds): WeightShown
    {
        $left = ($before - $now) * exp(-max(0.0, $seconds) / self::DAMPING);

        return new WeightShown(round($now + $left * cos(self::SWING * max(0.0, $seconds)), 1), abs($left) < 0.05);
    }
}
