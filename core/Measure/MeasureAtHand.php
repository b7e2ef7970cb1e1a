<?php

declare(strict_types=1);

namespace Inlaid\Core\Measure;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/**
 * Something on the bench to measure with: a spoon (one step fills it), a syringe or a jug (steps up to a capacity), a scale.
 *
 * Immutable. Step and capacity in ml, or in g for a scale.
 */
final readonly class MeasureAtHand
{
    /** ml from which what has divisions is a jug. */
    private const JUG = 100;

    private function __construct(
        public string $name,
        public Dimension $dimension,
        public BigRational $step,
        public BigRational $capacity,
        private ?string $counted = null,
    ) {
    }

    /**
     * @throws InvalidMeasure if the step is not above zero or the capacity holds less than one step
     */
    public static function of(string $name, BigRational $step, BigRational $capacity, Dimension $dimension = Dimension::Volume): self
    {
        if (!$step->isPositive() || $capacity->isLessThan($step)) {
            throw InvalidMeasure::uselessMeasure($name);
        }

        return new self(name: $name, dimension: $dimension, step: $step->simplified(), capacity: $capacity->simplified());
    }

    /**
     * A dropper, of which the drops are counted: up to a hundred without losing count.
     *
     * @param BigRational $drop ml of one
     *
     * @throws InvalidMeasure if a drop is nothing
     */
    public static function dropper(BigRational $drop): self
    {
        return $drop->isPositive()
            ? new self(
                name: 'dropper',
                dimension: Dimension::Volume,
                step: $drop->simplified(),
                capacity: $drop->multipliedBy(100)->simplified(),
                counted: 'drops',
            )
            : throw InvalidMeasure::uselessMeasure('dropper');
    }

    /**
     * Can a powder be measured with it: is it a scale, a spoon that is levelled, or a jug, and no dropper or syringe? Typical: what has
     * divisions and holds less than 100 ml is one.
     */
    public function takesPowder(): bool
    {
        return Dimension::Mass === $this->dimension
            || null === $this->counted
            && ($this->step->isEqualTo($this->capacity) || $this->capacity->isGreaterThanOrEqualTo(self::JUG));
    }

    /**
     * How often it must be filled for an amount of its own dimension.
     */
    public function fills(BigRational $amount): int
    {
        $fills = $amount->dividedBy($this->capacity);

        return $fills->getNumerator()->dividedBy($fills->getDenominator(), RoundingMode::CEILING)->toInt();
    }

    /**
     * How to measure out an amount of whole steps: "3 × tablespoon", "35 ml in the syringe", "12.5 g on the scale".
     */
    public function inWords(BigRational $amount): string
    {
        if (null !== $this->counted) {
            return ExactNumber::decimal($amount->dividedBy($this->step), 0).' '.$this->counted;
        }
        if ($this->step->isEqualTo($this->capacity)) {
            return $this->fills($amount).' × '.$this->name;
        }
        if (Dimension::Mass === $this->dimension) {
            return ExactNumber::decimal($amount).' g on the '.$this->name;
        }
        $fills = $this->fills($amount);

        return ExactNumber::decimal($amount).' ml in the '.$this->name.($fills > 1 ? \sprintf(' (%d fills)', $fills) : '');
    }
}
