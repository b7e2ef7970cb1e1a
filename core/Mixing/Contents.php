<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Measure\ExactNumber;

/**
 * What is in a pot, material by material, in the order it was poured.
 *
 * Immutable. Grams add where volumes do not, so everything about pots is reckoned in grams.
 */
final readonly class Contents
{
    /**
     * @param array<string, Portion> $portions by material id, none of them nothing
     */
    private function __construct(public array $portions)
    {
    }

    /**
     * @param iterable<Portion> $portions what is the same material is added up
     */
    public static function of(iterable $portions): self
    {
        $sum = [];
        foreach ($portions as $portion) {
            $id = $portion->material->id;
            $sum[$id] = isset($sum[$id]) ? Portion::of($sum[$id]->material, $sum[$id]->grams->plus($portion->grams)) : $portion;
        }

        return new self(array_filter($sum, static fn (Portion $p): bool => $p->grams->isPositive()));
    }

    /**
     * So many ml of a mix.
     */
    public static function ofMix(FlatMix $mix, BigRational $ml): self
    {
        return self::of(array_map(
            static fn (Component $l): Portion => Portion::of($l->material, $l->mass->multipliedBy($ml)),
            $mix->leaves,
        ));
    }

    public function isEmpty(): bool
    {
        return [] === $this->portions;
    }

    public function grams(string $materialId): BigRational
    {
        return ($this->portions[$materialId] ?? null)->grams ?? BigRational::zero();
    }

    public function mass(): BigRational
    {
        return ExactNumber::sum(array_map(static fn (Portion $p): BigRational => $p->grams, $this->portions));
    }

    /** ml. */
    public function volume(): BigRational
    {
        return ExactNumber::sum(array_map(static fn (Portion $p): BigRational => $p->volume(), $this->portions));
    }

    public function plus(self $other): self
    {
        return self::of([...array_values($this->portions), ...array_values($other->portions)]);
    }

    /**
     * What it takes to come from another to this.
     *
     * @throws InvalidMix if the other holds more of something that is in this
     */
    public function minus(self $other): self
    {
        return self::of(array_map(
            static fn (Portion $p): Portion => Portion::of($p->material, $p->grams->minus($other->grams($p->material->id))),
            $this->portions,
        ));
    }

    /**
     * So much of it, well stirred: a share from 0 to 1, or more for more of the same.
     */
    public function times(BigRational $share): self
    {
        return self::of(array_map(
            static fn (Portion $p): Portion => Portion::of($p->material, $p->grams->multipliedBy($share)),
            $this->portions,
        ));
    }

    /**
     * What it is as a mix.
     *
     * @throws InvalidMix if there is nothing in it
     */
    public function mix(string $name): FlatMix
    {
        $volume = $this->volume();
        $leaves = array_map(
            static fn (Portion $p): Component => new Component(
                $p->material,
                $p->grams->dividedBy($volume)->simplified(),
                $p->volume()->dividedBy($volume)->simplified(),
            ),
            array_values($this->portions),
        );

        return [] === $leaves ? throw InvalidMix::nothingInIt($name) : new FlatMix($name, $leaves);
    }

    /**
     * How far its ratio is from a wanted one: the largest |share ÷ wanted − 1| over what is wanted.
     */
    public function offFrom(FlatMix $wanted): BigRational
    {
        $volume = $this->volume();
        $error = BigRational::zero();
        foreach ($wanted->leaves as $leaf) {
            $off = $this->grams($leaf->material->id)->dividedBy($leaf->mass->multipliedBy($volume))->minus(1)->abs();
            $error = $off->isGreaterThan($error) ? $off : $error;
        }

        return $error->simplified();
    }
}
