<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Inlaid\Core\Drying\Forecast;
use Inlaid\Core\Film\CoatFilm;
use Inlaid\Core\Film\CoatNeed;
use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\MixCharacter;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Technique\Act;

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

    /** How often the work is done: coats, passes or rounds; once where only time passes. */
    public function rounds(): int
    {
        return Act::Waits === $this->step->technique->figures()->act ? 1 : $this->step->coats;
    }

    /** Hands-on minutes of all of them. */
    public function minutes(): int
    {
        return $this->rounds() * $this->handsOn;
    }

    /** What it takes off, µm: as stated, or what its technique does in so many passes. */
    public function removes(): float
    {
        return $this->step->detail->depth ?? $this->step->technique->figures()->removes * $this->step->coats;
    }

    /**
     * What it costs; and what one more coat on top of it would, which takes as much as its last.
     *
     * @param float|null $rate money for an hour of work
     */
    public function cost(?float $rate): Cost
    {
        return $this->costOf($this->needs, $this->minutes(), $rate);
    }

    public function costOfAnother(?float $rate): Cost
    {
        return $this->costOf(\array_slice($this->needs, -1), $this->handsOn, $rate);
    }

    /**
     * @param list<CoatNeed> $needs
     */
    private function costOf(array $needs, int $minutes, ?float $rate): Cost
    {
        $price = null === $this->mix ? 0.0 : $this->mix->pricePerMl();
        $taken = array_sum(array_map(static fn (CoatNeed $n): float => ExactNumber::ceil($n->taken)->toFloat(), $needs));

        return Cost::of(null === $price ? null : $price * $taken, $minutes, $rate);
    }
}
