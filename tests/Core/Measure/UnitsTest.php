<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Measure;

use Brick\Math\BigRational;
use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Measure\InvalidMeasure;
use Inlaid\Core\Measure\MeasureAtHand;
use Inlaid\Core\Measure\NamedPart;
use Inlaid\Core\Measure\PrintQuantity;
use Inlaid\Core\Measure\Quantity;
use Inlaid\Core\Measure\Ratio;
use Inlaid\Core\Measure\Reading;
use Inlaid\Core\Measure\ReadQuantity;
use Inlaid\Core\Measure\ReadRatio;
use Inlaid\Core\Measure\Unit;
use Inlaid\Core\Measure\UnitSystem;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * Units hang together as the trade's tables say, and no amount of reading, writing or scaling loses a digit.
 */
final class UnitsTest extends TestCase
{
    use Randomly;

    /**
     * How the measures of one kitchen divide into one another, from the tables every measuring jug follows.
     */
    #[TestWith([UnitSystem::US, Unit::Gallon, 4, Unit::Quart])]
    #[TestWith([UnitSystem::US, Unit::Quart, 2, Unit::Pint])]
    #[TestWith([UnitSystem::US, Unit::Pint, 2, Unit::Cup])]
    #[TestWith([UnitSystem::US, Unit::Cup, 8, Unit::FluidOunce])]
    #[TestWith([UnitSystem::US, Unit::Cup, 16, Unit::Tablespoon])]
    #[TestWith([UnitSystem::US, Unit::Tablespoon, 3, Unit::Teaspoon])]
    #[TestWith([UnitSystem::Imperial, Unit::Gallon, 4, Unit::Quart])]
    #[TestWith([UnitSystem::Imperial, Unit::Quart, 2, Unit::Pint])]
    #[TestWith([UnitSystem::Imperial, Unit::Pint, 20, Unit::FluidOunce])]
    #[TestWith([UnitSystem::Imperial, Unit::Pint, 2, Unit::Cup])]
    #[TestWith([UnitSystem::Imperial, Unit::Cup, 16, Unit::Tablespoon])]
    #[TestWith([UnitSystem::Imperial, Unit::Tablespoon, 3, Unit::Teaspoon])]
    #[TestWith([UnitSystem::Metric, Unit::Litre, 4, Unit::Cup])]
    #[TestWith([UnitSystem::Metric, Unit::Tablespoon, 3, Unit::Teaspoon])]
    #[TestWith([UnitSystem::US, Unit::Pound, 16, Unit::Ounce])]
    #[TestWith([UnitSystem::Metric, Unit::Kilogram, 1000, Unit::Gram])]
    public function testMeasuresDivideIntoOneAnother(UnitSystem $system, Unit $large, int $times, Unit $small): void
    {
        $drop = BigRational::of('0.05');
        self::assertTrue(
            $large->inBase($system, $drop)->isEqualTo($small->inBase($system, $drop)->multipliedBy($times)),
            "$times $small->value to the $large->value",
        );
        self::assertSame($large->dimension(), $small->dimension());
    }

    /**
     * Every unit is read under its own sign and as a plural, in the systems that have it; the others refuse it by name.
     */
    public function testEveryUnitIsReadOrRefusedByName(): void
    {
        foreach (UnitSystem::cases() as $system) {
            foreach (Unit::cases() as $unit) {
                foreach (["3 $unit->value", "3$unit->value", '3 '.strtoupper($unit->value), "3 {$unit->value}s."] as $text) {
                    try {
                        $read = (new ReadQuantity($system, BigRational::nd(1, 16)))->read($text);
                        self::assertTrue($read->amount->isEqualTo($unit->inBase($system, BigRational::nd(1, 16))->multipliedBy(3)), $text);
                        self::assertSame($unit->dimension(), $read->dimension);
                    } catch (InvalidMeasure $refusal) {
                        self::assertSame(UnitSystem::Metric, $system, $text);
                        self::assertStringContainsString('Metric measures have no “'.$unit->value.'”', $refusal->getMessage());
                    }
                }
            }
        }
    }

    public function testEveryNumberTravelsAndComesBackExactly(): void
    {
        $this->manyTimes(400, function (): void {
            $value = $this->rational(0, 5000, 9999);
            self::assertTrue(ExactNumber::parse(ExactNumber::exact($value))->isEqualTo($value), (string) $value);
            $shown = ExactNumber::decimal($value, 3);
            self::assertTrue(
                ExactNumber::parse($shown)->minus($value)->abs()->isLessThanOrEqualTo(BigRational::nd(1, 2000)),
                "$value shown as $shown",
            );
            self::assertStringEndsNotWith('.', $shown);
            $up = ExactNumber::ceil($value->toFloat());
            self::assertTrue($up->plus(BigRational::nd(1, 100_000_000))->isGreaterThanOrEqualTo($value), 'a need is never cut short');
            self::assertTrue($up->minus($value)->isLessThan(BigRational::nd(11, 100)));
        });
    }

    /**
     * A number said with a whole and a true fraction is the number itself, or a decimal within a hundredth of it.
     */
    public function testKitchenFractionsAreTrue(): void
    {
        $this->manyTimes(300, function (): void {
            $value = BigRational::nd($this->int(0, 480), $this->int(1, 8));
            $read = ExactNumber::parse(ExactNumber::kitchen($value));
            self::assertTrue($read->minus($value)->abs()->isLessThanOrEqualTo(BigRational::nd(1, 200)), ExactNumber::kitchen($value));
            if (\in_array((string) $value->simplified()->getDenominator(), ['1', '2', '3', '4', '6', '8'], true)) {
                self::assertTrue($read->isEqualTo($value), ExactNumber::kitchen($value));
            }
        });
    }

    /**
     * However many parts, whole parts keep every proportion, are whole, and have no common divisor.
     */
    public function testWholePartsKeepTheRatio(): void
    {
        $this->manyTimes(200, function (): void {
            $ratio = Ratio::of(array_map(
                fn (int $i): NamedPart => NamedPart::of("p$i", $this->rational(1, 30, 12)),
                range(1, $this->int(2, 5)),
            ));
            $whole = $ratio->inWholeParts();
            $common = null;
            foreach ($whole->parts as $i => $part) {
                self::assertTrue($part->share->simplified()->getDenominator()->isEqualTo(1));
                self::assertTrue($part->share->dividedBy($whole->total())->isEqualTo($ratio->parts[$i]->share->dividedBy($ratio->total())));
                $common = null === $common ? $part->share->getNumerator() : $common->gcd($part->share->getNumerator());
            }
            self::assertSame('1', (string) $common);
        });
    }

    /**
     * The two readings of a percentage, against what they say in words: of the mix, or added to the body.
     */
    public function testAPercentageIsOfTheMixOrAdded(): void
    {
        $this->manyTimes(200, function (): void {
            $percent = $this->int(1, 250);
            $readings = array_column(
                array_map(static fn (Reading $r): array => [$r->key, $r->ratio], (new ReadRatio())->read("$percent %", ['paint', 'water'])),
                1,
                0,
            );
            $share = static fn (Ratio $r, int $of): BigRational => $r->parts[1]->share->dividedBy(
                0 === $of ? $r->total() : $r->parts[0]->share,
            );
            self::assertTrue($share($readings['added'], 1)->isEqualTo(BigRational::nd($percent, 100)));
            self::assertSame($percent < 100, isset($readings['of-the-mix']));
            if (isset($readings['of-the-mix'])) {
                self::assertTrue($share($readings['of-the-mix'], 0)->isEqualTo(BigRational::nd($percent, 100)));
            }
        });
    }

    /**
     * @return iterable<string, array{string, UnitSystem, Dimension, string}>
     */
    public static function printed(): iterable
    {
        yield 'millilitres below a litre' => ['999.4', UnitSystem::Metric, Dimension::Volume, '999 ml'];
        yield 'half a millilitre is not lost' => ['112.5', UnitSystem::Metric, Dimension::Volume, '112.5 ml'];
        yield 'halves are rounded up' => ['412.5', UnitSystem::Metric, Dimension::Volume, '413 ml'];
        yield 'litres from one on' => ['1000', UnitSystem::Metric, Dimension::Volume, '1 l'];
        yield 'large litres' => ['12345', UnitSystem::Metric, Dimension::Volume, '12.3 l'];
        yield 'grams' => ['12.345', UnitSystem::Metric, Dimension::Mass, '12.3 g'];
        yield 'kilograms' => ['2500', UnitSystem::Metric, Dimension::Mass, '2.5 kg'];
        yield 'a little in US measures stays ml' => ['5', UnitSystem::US, Dimension::Volume, '5 ml'];
        yield 'fluid ounces' => ['118.294118', UnitSystem::US, Dimension::Volume, '4 fl oz'];
        yield 'imperial fluid ounces' => ['113.65225', UnitSystem::Imperial, Dimension::Volume, '4 fl oz'];
        yield 'imperial quarts' => ['2273.045', UnitSystem::Imperial, Dimension::Volume, '2 quart'];
        yield 'ounces' => ['28.349523125', UnitSystem::US, Dimension::Mass, '1 oz'];
        yield 'pounds' => ['680.388555', UnitSystem::Imperial, Dimension::Mass, '1.5 lb'];
        yield 'nothing' => ['0', UnitSystem::Metric, Dimension::Volume, '0 ml'];
    }

    #[DataProvider('printed')]
    public function testPrintsInTheUnitAPainterWouldSay(string $amount, UnitSystem $system, Dimension $dimension, string $shown): void
    {
        self::assertSame($shown, (new PrintQuantity($system))->inWords(Quantity::of($dimension, $amount)));
    }

    /**
     * Printing then reading again is off by no more than the printed digits.
     */
    public function testWhatIsPrintedCanBeReadBack(): void
    {
        $this->manyTimes(300, function (): void {
            $system = UnitSystem::cases()[$this->int(0, 2)];
            $amount = Quantity::of(Dimension::cases()[$this->int(0, 1)], $this->rational(1, 9000, 60));
            $read = (new ReadQuantity($system))->read((new PrintQuantity($system))->inWords($amount));
            self::assertSame($amount->dimension, $read->dimension);
            self::assertEqualsWithDelta(1.0, $read->amount->dividedBy($amount->amount)->toFloat(), 0.0051);
        });
    }

    public function testAMeasureCountsItsFills(): void
    {
        $spoon = MeasureAtHand::of('tablespoon', BigRational::of(15), BigRational::of(15));
        self::assertSame(['3 × tablespoon', 3], [$spoon->inWords(BigRational::of(45)), $spoon->fills(BigRational::of(45))]);
        $syringe = MeasureAtHand::of('20 ml syringe', BigRational::one(), BigRational::of(20));
        self::assertSame(
            ['20 ml in the 20 ml syringe', '21 ml in the 20 ml syringe (2 fills)'],
            [$syringe->inWords(BigRational::of(20)), $syringe->inWords(BigRational::of(21))],
        );
        self::assertSame(
            [true, false, true, false],
            [
                $spoon->takesPowder(),
                $syringe->takesPowder(),
                MeasureAtHand::of('jug', BigRational::of(10), BigRational::of(500))->takesPowder(),
                MeasureAtHand::dropper(BigRational::of('0.05'))->takesPowder(),
            ],
            'a powder sticks in a syringe',
        );
        self::assertSame(
            '12.5 g on the scale',
            MeasureAtHand::of('scale', BigRational::of('0.5'), BigRational::of(500), Dimension::Mass)->inWords(BigRational::of('12.5')),
        );
        $this->expectException(InvalidMeasure::class);
        MeasureAtHand::of('broken spoon', BigRational::of(15), BigRational::of(5));
    }
}
