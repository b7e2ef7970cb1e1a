<?php

declare(strict_types=1);

namespace Inlaid\Core\Measure;

use Brick\Math\BigRational;

/**
 * An exact ratio of named parts, in pouring order.
 *
 * Immutable.
 */
final readonly class Ratio
{
    /**
     * @param non-empty-list<NamedPart> $parts
     */
    private function __construct(public array $parts)
    {
    }

    /**
     * A ratio of things that meet: at least two parts above nothing.
     *
     * @param list<NamedPart> $parts
     *
     * @throws InvalidMeasure if fewer than two parts are above nothing
     */
    public static function of(array $parts): self
    {
        $real = array_filter($parts, static fn (NamedPart $p): bool => $p->share->isPositive());
        if ([] === $parts || [] === $real) {
            throw InvalidMeasure::nothingInIt();
        }
        if (\count($real) < 2) {
            throw InvalidMeasure::oneIngredientLeft(implode(
                ':',
                array_map(static fn (NamedPart $p): string => ExactNumber::exact($p->share), $parts),
            ));
        }

        return new self($parts);
    }

    public function total(): BigRational
    {
        return ExactNumber::sum(array_map(static fn (NamedPart $p): BigRational => $p->share, $this->parts));
    }

    /**
     * The same ratio in the smallest whole parts.
     */
    public function inWholeParts(): self
    {
        $factor = array_reduce($this->parts, static fn (BigRational $lcm, NamedPart $p): BigRational => BigRational::of(
            $lcm->getNumerator()->multipliedBy(
                $p->share->getDenominator(),
            )->quotient($lcm->getNumerator()->gcd($p->share->getDenominator()))
        ), BigRational::one());
        $whole = array_map(static fn (NamedPart $p): BigRational => $p->share->multipliedBy($factor)->simplified(), $this->parts);
        $gcd = $whole[0]->getNumerator();
        foreach ($whole as $w) {
            $gcd = $gcd->gcd($w->getNumerator());
        }

        return new self(array_map(
            static fn (NamedPart $p, BigRational $w): NamedPart => NamedPart::of($p->name, $w->dividedBy($gcd)),
            $this->parts,
            $whole,
        ));
    }

    /**
     * As a painter says it: "1 paint : 3 water".
     */
    public function inWords(): string
    {
        return implode(' : ', array_map(static fn (NamedPart $p): string => ExactNumber::kitchen($p->share).' '.$p->name, $this->parts));
    }
}
