<?php

declare(strict_types=1);

namespace Inlaid\Core\School;

use Inlaid\Core\Film\FilmWeight;

/**
 * How this painter works where a step does not say: the sum of the schools chosen.
 *
 * Immutable. `brushing` multiplies hands-on time of brushed coats; `lastGrit` is the paper bare wood is left with.
 */
final readonly class Habits
{
    public function __construct(
        public FilmWeight $weight = FilmWeight::Normal,
        public float $brushing = 1.0,
        public int $lastGrit = 180,
    ) {
    }

    public function withWeight(FilmWeight $weight): self
    {
        return new self($weight, $this->brushing, $this->lastGrit);
    }

    public function withBrushing(float $factor): self
    {
        return new self($this->weight, $factor, $this->lastGrit);
    }

    public function withLastGrit(int $grit): self
    {
        return new self($this->weight, $this->brushing, $grit);
    }

    /**
     * What bare wood drinks after a last grit, against 180: a finer scratch takes up less. Typical, by interpolation.
     */
    public static function uptake(int $grit): float
    {
        return max(0.75, min(1.2, 1.0 - 0.19 * log($grit / 180, 2)));
    }
}
