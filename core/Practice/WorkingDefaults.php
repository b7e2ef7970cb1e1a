<?php

declare(strict_types=1);

namespace Inlaid\Core\Practice;

use Inlaid\Core\Film\FilmWeight;

/**
 * How this painter works where a step does not say: the sum of the practices chosen.
 *
 * Immutable. `brushing` multiplies hands-on time of brushed coats; `lastGrit` is the paper bare wood is left with;
 * `held` every answer by its question, for the rules that judge by it.
 */
final readonly class WorkingDefaults
{
    /**
     * @param array<string, string> $held
     */
    public function __construct(
        public FilmWeight $weight = FilmWeight::Normal,
        public float $brushing = 1.0,
        public int $lastGrit = 180,
        public array $held = [],
        public PersonalFactors $own = new PersonalFactors(),
    ) {
    }

    public function withWeight(FilmWeight $weight): self
    {
        return new self(weight: $weight, brushing: $this->brushing, lastGrit: $this->lastGrit, held: $this->held, own: $this->own);
    }

    public function withBrushing(float $factor): self
    {
        return new self(weight: $this->weight, brushing: $factor, lastGrit: $this->lastGrit, held: $this->held, own: $this->own);
    }

    public function withLastGrit(int $grit): self
    {
        return new self(weight: $this->weight, brushing: $this->brushing, lastGrit: $grit, held: $this->held, own: $this->own);
    }

    /** With the painter's own figures. */
    public function withOwn(PersonalFactors $own): self
    {
        return new self(weight: $this->weight, brushing: $this->brushing, lastGrit: $this->lastGrit, held: $this->held, own: $own);
    }

    public function holding(string $question, string $answer): self
    {
        return new self(
            weight: $this->weight,
            brushing: $this->brushing,
            lastGrit: $this->lastGrit,
            held: [$question => $answer] + $this->held,
            own: $this->own,
        );
    }

    public function holds(string $question, string $answer): bool
    {
        return ($this->held[$question] ?? null) === $answer;
    }
}
