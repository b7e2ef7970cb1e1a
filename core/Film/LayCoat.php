<?php

declare(strict_types=1);

namespace Inlaid\Core\Film;

use Inlaid\Core\Mixing\MixCharacter;
use Inlaid\Core\Technique\TechniqueProfile;

/**
 * Works out the film one coat leaves: wet [µm] = 1000 ÷ spread [m²/L] × technique × weight; dry = wet × share left after
 * wiping × volume solids × what stays on top.
 *
 * How soon it is wiped counts where the step says: what a ground takes up grows with the root of the time (R. Lucas, 1918; E. W. Washburn,
 * 1921), and the technique's share is that of a third of the open time.
 */
final class LayCoat
{
    /** How often the usual dwell goes into the open time. */
    private const USUAL_DWELLS = 3;
    /** Wiped at once, and wiped far too late: typical. */
    private const AT_ONCE = 0.4;
    private const MOST_LEFT = 0.95;

    /**
     * @param float|null $left  share of the wet film left after wiping, where the step overrides the technique
     * @param int|null   $dwell minutes until it is wiped, where the step says
     * @param float      $wiped what the cloth leaves against a dry one, where the technique wipes
     *
     * @return CoatFilm|null null where nothing in the mix makes a film
     */
    public function lay(
        MixCharacter $mix,
        TechniqueProfile $technique,
        FilmWeight $weight,
        ?float $left = null,
        ?int $dwell = null,
        float $wiped = 1.0,
    ): ?CoatFilm {
        if (null === $mix->normalWet) {
            return null;
        }
        $wet = $mix->normalWet * $technique->laid * $weight->factor();
        $cloth = $technique->left < 1.0 ? $wiped : 1.0;
        $stays = $wet * ($left ?? $cloth * $this->left($technique->left, $dwell, $mix->handling->openTime));

        return new CoatFilm(wet: $wet, stays: $stays, dry: $stays * $mix->solids * $mix->build, ofNormal: $stays / $mix->normalWet);
    }

    private function left(float $usual, ?int $dwell, ?int $open): float
    {
        if ($usual >= 1.0 || null === $dwell || null === $open || 0 === $open) {
            return $usual;
        }

        return min(self::MOST_LEFT, $usual * max(self::AT_ONCE, sqrt(self::USUAL_DWELLS * $dwell / $open)));
    }
}
