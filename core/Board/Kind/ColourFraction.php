<?php

declare(strict_types=1);

namespace Inlaid\Core\Board\Kind;

use Brick\Math\BigInteger;
use Brick\Math\BigRational;
use Inlaid\Core\Board\Choices;
use Inlaid\Core\Board\InvalidBoard;
use Inlaid\Core\Board\Variable;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Measure\InvalidMeasure;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Recipe\Step;

/**
 * How much of a mix is colour: of its first part that is neither thinner nor medium; the others keep their ratio to one another. Exact.
 */
final class ColourFraction implements Variable
{
    public function key(): string
    {
        return 'colour-fraction';
    }

    public function name(): string
    {
        return 'Share of colour in the mix';
    }

    public function tells(): string
    {
        return 'How strong the mix should be.';
    }

    public function suits(?Step $step): bool
    {
        return $step?->uses instanceof Mixture && \count($step->uses->parts) > 1;
    }

    public function options(Choices $choices, ?Step $step): array
    {
        return [];
    }

    public function levels(Choices $choices, ?Step $step): array
    {
        $standing = $this->share($this->mix($step));
        $levels = [];
        foreach ([BigRational::of('1/2'), BigRational::one(), BigRational::of('3/2')] as $times) {
            $share = $standing->multipliedBy($times)->simplified();
            if ($share->isLessThan(1)) {
                $levels[] = (string) $share;
            }
        }

        return $levels;
    }

    public function standing(Choices $choices, ?Step $step): string
    {
        return (string) $this->share($this->mix($step));
    }

    /** As the mix is then said: "1 Platform Slate : 3 Water". */
    public function inWords(Choices $choices, ?Step $step, string $level): string
    {
        $mix = $this->mix($step);

        return implode(
            ' : ',
            array_map(
                static fn (BigRational $share, Part $p): string => ExactNumber::kitchen($share).' '.$p->of->name,
                $this->shares($mix, $level),
                $mix->parts,
            ),
        );
    }

    public function edits(Choices $choices, ?Step $step, string $level): array
    {
        return null === $step
            ? []
            : [Edit::shares($step->id, array_map(ExactNumber::exact(...), $this->shares($this->mix($step), $level)))];
    }

    /**
     * @return list<BigRational> whole parts, the fewest
     *
     * @throws InvalidBoard if there is no such share
     */
    private function shares(Mixture $mix, string $level): array
    {
        try {
            $fraction = ExactNumber::parse($level)->simplified();
        } catch (InvalidMeasure) {
            $fraction = BigRational::zero();
        }
        if (!$fraction->isPositive() || !$fraction->isLessThan(1) || $fraction->getDenominator()->isGreaterThan(1000)) {
            throw InvalidBoard::badLevel($this->name(), $level, 'a share such as 1/4, above 0 and below 1');
        }
        $colour = self::colour($mix);
        $others = ExactNumber::sum(array_map(
            static fn (Part $p, int $i): BigRational => $i === $colour ? BigRational::zero() : $p->share,
            $mix->parts,
            array_keys($mix->parts),
        ));
        $rest = BigRational::one()->minus($fraction)->dividedBy($others);
        $shares = array_map(
            static fn (Part $p, int $i): BigRational => ($i === $colour ? $fraction : $p->share->multipliedBy($rest))->simplified(),
            $mix->parts,
            array_keys($mix->parts),
        );
        $whole = array_reduce(
            $shares,
            static fn (BigInteger $all, BigRational $s): BigInteger => $all->multipliedBy($s->getDenominator())->quotient(
                $all->gcd($s->getDenominator()),
            ),
            BigInteger::one(),
        );
        $common = array_reduce(
            $shares,
            static fn (BigInteger $all, BigRational $s): BigInteger => $all->gcd($s->multipliedBy($whole)->simplified()->getNumerator()),
            BigInteger::zero(),
        );

        return array_map(static fn (BigRational $s): BigRational => $s->multipliedBy($whole)->dividedBy($common)->simplified(), $shares);
    }

    private function share(Mixture $mix): BigRational
    {
        return $mix->parts[self::colour($mix)]->share->dividedBy(ExactNumber::sum(array_map(
            static fn (Part $p): BigRational => $p->share,
            $mix->parts,
        )))->simplified();
    }

    private static function colour(Mixture $mix): int
    {
        foreach ($mix->parts as $i => $part) {
            if (
                !$part->of instanceof Material
                || !\in_array($part->of->kind, [MaterialKind::Thinner, MaterialKind::GlazingMedium, MaterialKind::Conditioner], true)
            ) {
                return $i;
            }
        }

        return 0;
    }

    private function mix(?Step $step): Mixture
    {
        return $step?->uses instanceof Mixture ? $step->uses : throw InvalidBoard::needsStep($this->name());
    }
}
