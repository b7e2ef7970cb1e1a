<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\Light;
use Inlaid\Core\Colour\Spectrum;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Measure\Amount;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Mixing\InvalidMix;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;

/**
 * Reads how thin a pot is from a stripe of it on a card that is half black and half white: the thinner, the more the two halves differ.
 *
 * Every rung of a ladder is worked out as one brushed coat over 1 % and 80 %, a fifth thinner to a fifth thicker, for nobody lays a stripe
 * alike. How likely a rung is, seen two colours: the mean over these of exp(−(ΔE₁² + ΔE₂²) ÷ 2σ²), with σ = 2 ΔE, of a careful eye or a
 * photo beside a grey card; all rungs together are 1.
 */
final readonly class ReadStripe
{
    /** Parts of thinner to one of all the rest. */
    private const RUNGS = ['0', '1/4', '1/2', '3/4', '1', '3/2', '2', '3', '4', '6', '8'];
    public const BLACK_CARD = 0.01;
    public const WHITE_CARD = 0.80;
    private const THICKER = [0.8, 0.9, 1.0, 1.1, 1.2];
    private const EYE = 2.0;
    private const SURE = 0.9;
    private const LIKELY = 0.6;

    public function __construct(private LayStripe $lay = new LayStripe())
    {
    }

    /**
     * @param array{Colour, Colour}|null $seen   on black and on white; null where nobody has looked yet
     * @param int|null                   $looks  which of the rungs it looks like, where it was held beside them
     * @param BigRational|null           $volume ml in the pot
     *
     * @throws InvalidMix if the mix has no thinner in it, or no colour
     */
    public function read(Mixture $mix, ?array $seen, ?int $looks, ?BigRational $volume, Context $context): StripeCard
    {
        $at = 1 < \count($mix->parts) ? $mix->thinner() : null;
        null !== $at || throw InvalidMix::nothingToThinWith();
        $stripe = fn (BigRational $thinner): array => self::colours(
            $this->stripes(mix: $mix, at: $at, thinner: $thinner, thicker: [1.0])[0],
        );
        $held = null === $looks ? null : self::RUNGS[$looks] ?? throw InvalidMix::nothingToThinWith();
        $looked = null === $held ? $seen : $stripe(BigRational::of($held));
        $chances = null === $looked ? [] : $this->chances($mix, $at, [Lab::of($looked[0]), Lab::of($looked[1])]);
        $best = [] === $chances ? null : (int) array_search(max($chances), $chances, true);
        $wanted = $this->ratio($mix, $at);
        $rungs = array_map(function (string $ratio, int $i) use ($mix, $at, $chances, $volume, $wanted, $context, $stripe): StripeRung {
            $thinner = BigRational::of($ratio);
            [$black, $white] = $stripe($thinner);
            [$add, $of] = null === $volume ? [null, null] : $this->add(mix: $mix, at: $at, is: $thinner, wanted: $wanted, volume: $volume);

            return new StripeRung(
                thinner: $thinner->toFloat(),
                said: $thinner->isZero() ? 'not thinned' : '1 : '.ExactNumber::kitchen($thinner),
                onBlack: $black->hex,
                onWhite: $white->hex,
                chance: isset($chances[$i]) ? round($chances[$i], 4) : null,
                add: null === $add ? null : Amount::of(self::roughly($add), $context->units),
                of: $of,
            );
        }, self::RUNGS, array_keys(self::RUNGS));
        $sure = null === $best ? null : array_sum(array_map(
            static fn (int $i): float => $chances[$i] ?? 0.0,
            [$best - 1, $best, $best + 1],
        ));

        return new StripeCard(
            rungs: $rungs,
            wanted: $wanted->isZero() ? 'not thinned' : '1 : '.ExactNumber::kitchen($wanted),
            best: $best,
            sure: null === $sure ? null : round($sure, 3),
            inWords: null === $best ? '' : self::inWords($rungs[$best], (float) $sure, $wanted),
        );
    }

    /** To two figures: an eye tells no more. */
    private static function roughly(BigRational $ml): BigRational
    {
        $float = $ml->toFloat();

        return $float <= 0.0 ? $ml : BigRational::of((string) round($float, 1 - (int) floor(log10($float))));
    }

    private static function inWords(StripeRung $rung, float $sure, BigRational $wanted): string
    {
        $how = match (true) {
            $sure >= self::SURE => 'nearly certain, ± one step',
            $sure >= self::LIKELY => 'likely, ± one step',
            default => 'a guess: paint another stripe, thicker and even',
        };
        $is = match (true) {
            abs($rung->thinner - $wanted->toFloat()) < 0.01 => 'as it should be',
            $rung->thinner > $wanted->toFloat() => 'too thin',
            default => 'too thick',
        };

        return \sprintf('%s, %s (%s)', $rung->said, $is, $how).(null === $rung->add ? '' : \sprintf(
            '. Add %s of %s.',
            $rung->add->text,
            $rung->of,
        ));
    }

    /**
     * How likely each rung is.
     *
     * @param array{Lab, Lab} $seen
     *
     * @return non-empty-list<float>
     */
    private function chances(Mixture $mix, int $at, array $seen): array
    {
        $chances = array_map(function (string $ratio) use ($mix, $at, $seen): float {
            $sum = 0.0;
            foreach ($this->stripes(mix: $mix, at: $at, thinner: BigRational::of($ratio), thicker: self::THICKER) as [$black, $white]) {
                $off = DeltaE2000::between(Lab::ofLight($black), $seen[0]) ** 2 + DeltaE2000::between(Lab::ofLight($white), $seen[1]) ** 2;
                $sum += exp(-$off / (2 * self::EYE ** 2));
            }

            return $sum + 1e-300;
        }, self::RUNGS);
        $all = array_sum($chances);

        return array_map(static fn (float $c): float => $c / $all, $chances);
    }

    /**
     * What is seen on black and on white, for each thickness.
     *
     * @param non-empty-list<float> $thicker against one brushed coat
     *
     * @return non-empty-list<array{Light, Light}>
     *
     * @throws InvalidMix if it has no colour
     */
    private function stripes(Mixture $mix, int $at, BigRational $thinner, array $thicker): array
    {
        $film = $this->lay->lay($this->with($mix, $at, $thinner));

        return array_map(static fn (float $times): array => [
            $film->light(Spectrum::even(self::BLACK_CARD), $times),
            $film->light(Spectrum::even(self::WHITE_CARD), $times),
        ], $thicker);
    }

    /**
     * @param array{Light, Light} $stripe
     *
     * @return array{Colour, Colour}
     */
    private static function colours(array $stripe): array
    {
        return [$stripe[0]->colour(), $stripe[1]->colour()];
    }

    private function with(Mixture $mix, int $at, BigRational $thinner): Mixture
    {
        $rest = $mix->rest($at);
        $parts = [];
        foreach ($mix->parts as $i => $part) {
            if ($i !== $at) {
                $parts[] = $part;
            } elseif (!$thinner->isZero()) {
                $parts[] = Part::of($rest->multipliedBy($thinner)->simplified(), $part->of);
            }
        }

        return Mixture::of($mix->name, $mix->basis, $parts);
    }

    private function ratio(Mixture $mix, int $at): BigRational
    {
        return $mix->parts[$at]->share->dividedBy($mix->rest($at))->simplified();
    }

    /**
     * Of a pot of a ratio, what brings it to another: more of all the rest where it is too thin, more thinner where it is too thick.
     *
     * @return array{BigRational|null, string|null} ml, and of what
     */
    private function add(Mixture $mix, int $at, BigRational $is, BigRational $wanted, BigRational $volume): array
    {
        $rest = $volume->dividedBy($is->plus(1));
        $thinner = $volume->minus($rest);
        $names = implode(' and ', array_map(static fn (Part $p): string => $p->of->name, array_values(array_filter(
            $mix->parts,
            static fn (Part $p): bool => $p !== $mix->parts[$at],
        ))));
        if ($is->isGreaterThan($wanted)) {
            return $wanted->isZero() ? [null, null] : [$thinner->dividedBy($wanted)->minus($rest)->simplified(), $names];
        }
        $more = $rest->multipliedBy($wanted)->minus($thinner)->simplified();

        return $more->isZero() ? [null, null] : [$more, $mix->parts[$at]->of->name];
    }
}
