<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Inlaid\Core\Drying\Forecast;
use Inlaid\Core\Film\CoatFilm;
use Inlaid\Core\Film\CoatNeed;
use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\MixCharacter;
use Inlaid\Core\Recipe\Step;

/**
 * What has been worked out about one step, before it is put into words and pictures.
 *
 * Immutable. `turnedArea` m² of `area` that are laid in a second lay, once the parts have been turned. @internal to the preview
 */
final readonly class StepWork
{
    /**
     * @param list<CoatNeed> $needs coat by coat; empty where nothing is poured
     */
    public function __construct(
        public Step $step,
        public int $number,
        public float $area,
        public float $turnedArea,
        public int $handsOn,
        public ?FlatMix $mix,
        public ?MixCharacter $character,
        public FilmWeight $weight,
        public ?CoatFilm $film,
        public array $needs,
        public ?Forecast $drying,
    ) {
    }
}
