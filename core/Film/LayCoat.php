<?php

declare(strict_types=1);

namespace Inlaid\Core\Film;

use Inlaid\Core\Mixing\MixCharacter;
use Inlaid\Core\Technique\Figures;

/**
 * Works out the film one coat leaves: wet [µm] = 1000 ÷ spread [m²/L] × technique × weight; dry = wet × share left after
 * wiping × volume solids × what stays on top.
 */
final class LayCoat
{
    /**
     * @param float|null $left share of the wet film left after wiping, where the step overrides the technique
     *
     * @return CoatFilm|null null where nothing in the mix makes a film
     */
    public function lay(MixCharacter $mix, Figures $technique, FilmWeight $weight, ?float $left = null): ?CoatFilm
    {
        if (null === $mix->normalWet) {
            return null;
        }
        $wet = $mix->normalWet * $technique->laid * $weight->factor();
        $stays = $wet * ($left ?? $technique->left);

        return new CoatFilm($wet, $stays, $stays * $mix->solids * $mix->build, $stays / $mix->normalWet);
    }
}
