<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Measure;

use Brick\Math\BigRational;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Measure\InvalidMeasure;
use Inlaid\Core\Measure\PrintQuantity;
use Inlaid\Core\Measure\Quantity;
use Inlaid\Core\Measure\Reading;
use Inlaid\Core\Measure\ReadQuantity;
use Inlaid\Core\Measure\ReadRatio;
use Inlaid\Core\Measure\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * What painters write, read exactly.
 */
final class ReadingTest extends TestCase
{
    #[TestWith(['40 ml', UnitSystem::Metric, 'volume', '40'])]
    #[TestWith(['1 1/2 cup', UnitSystem::Metric, 'volume', '375'])]
    #[TestWith(['1½ cups', UnitSystem::US, 'volume', '354.88235475'])]
    #[TestWith(['1 ½ cup', UnitSystem::Imperial, 'volume', '426.1959375'])]
    #[TestWith(['¼ tsp', UnitSystem::Metric, 'volume', '1.25'])]
    #[TestWith(['3 fl oz', UnitSystem::US, 'volume', '88.7206'])]
    #[TestWith(['3 fl oz', UnitSystem::Imperial, 'volume', '85.2391875'])]
    #[TestWith(['2 pints', UnitSystem::Imperial, 'volume', '1136.5225'])]
    #[TestWith(['12 drops', UnitSystem::Metric, 'volume', '0.6'])]
    #[TestWith(['0,5 l', UnitSystem::Metric, 'volume', '500'])]
    #[TestWith(['.5 L', UnitSystem::Metric, 'volume', '500'])]
    #[TestWith(['500 g', UnitSystem::Metric, 'mass', '500'])]
    #[TestWith(['1 lb', UnitSystem::US, 'mass', '453.59237'])]
    #[TestWith(['2/3 tbsp', UnitSystem::Metric, 'volume', '10'])]
    public function testReadsAmounts(string $text, UnitSystem $system, string $dimension, string $base): void
    {
        $read = (new ReadQuantity($system))->read($text);
        self::assertSame($dimension, $read->dimension->value);
        $expected = BigRational::of($base);
        self::assertTrue($read->amount->minus($expected)->abs()->isLessThan('1/10000'), (string) $read->amount);
        if ('3 fl oz' !== $text) {
            self::assertTrue($read->amount->isEqualTo($expected), (string) $read->amount);
        }
    }

    #[TestWith(['-3 ml', 'negative'])]
    #[TestWith(['ml', 't an amount'])]
    #[TestWith(['3', 't an amount'])]
    #[TestWith(['3 buckets', 't an amount'])]
    #[TestWith(['1/0 cup', 'divides by zero'])]
    #[TestWith(['3 fl oz', 'Metric measures have no “fl oz”'])]
    #[TestWith(['99999999999999999999999999 ml', 'number is too long'])]
    #[TestWith(['1e9 ml', 't an amount'])]
    #[TestWith(['1..2 ml', 't an amount'])]
    public function testRefusesNonsense(string $text, string $says): void
    {
        $this->expectException(InvalidMeasure::class);
        $this->expectExceptionMessage($says);
        (new ReadQuantity())->read($text);
    }

    /**
     * @return iterable<string, array{string, list<string>, array<string, string>}>
     */
    public static function ratios(): iterable
    {
        yield 'two readings of 1:3' => ['1:3', ['paint', 'water'], ['as-written' => '1 paint : 3 water', 'turned' => '3 paint : 1 water']];
        yield 'one reading of 1:1' => ['1 : 1', ['paint', 'water'], ['as-written' => '1 paint : 1 water']];
        yield 'three parts' => ['2:1:½', ['medium', 'blue', 'black'], ['as-written' => '2 medium : 1 blue : ½ black']];
        yield 'parts' => ['2 parts', ['paint', 'water'], ['as-written' => '1 paint : 2 water', 'turned' => '2 paint : 1 water']];
        yield 'percent' => ['25 %', ['paint', 'water'], ['of-the-mix' => '3 paint : 1 water', 'added' => '4 paint : 1 water']];
        yield 'percent that can only be added' => ['150%', ['paint', 'water'], ['added' => '2 paint : 3 water']];
        yield 'half and half' => ['half and half', ['paint', 'water'], ['as-written' => '1 paint : 1 water']];
        yield 'fifty-fifty' => ['50-50', ['paint', 'water'], ['as-written' => '50 paint : 50 water']];
        yield 'equal parts of three' => ['equal parts', ['a', 'b', 'c'], ['as-written' => '1 a : 1 b : 1 c']];
        yield 'a third' => ['a third', ['paint', 'water'], ['of-the-mix' => '2 paint : 1 water', 'added' => '3 paint : 1 water']];
        yield 'a quarter of water' => [
            'a quarter water',
            ['paint', 'water'],
            ['of-the-mix' => '3 paint : 1 water', 'added' => '4 paint : 1 water'],
        ];
        yield 'ounces to ounces' => [
            '2 oz to 6 oz',
            ['paint', 'water'],
            ['as-written' => '2 paint : 6 water', 'turned' => '6 paint : 2 water'],
        ];
        yield 'named parts' => [
            '1 part paint to 3 parts water',
            ['paint', 'water'],
            ['as-written' => '1 paint : 3 water', 'turned' => '3 paint : 1 water'],
        ];
        yield 'in words' => ['one to three', ['paint', 'water'], ['as-written' => '1 paint : 3 water', 'turned' => '3 paint : 1 water']];
        yield 'percent of a name' => [
            '20 % water',
            ['paint', 'water'],
            ['of-the-mix' => '4 paint : 1 water', 'added' => '5 paint : 1 water'],
        ];
        yield 'words' => ['1 to 2,5', ['paint', 'water'], ['as-written' => '1 paint : 2 ½ water', 'turned' => '2 ½ paint : 1 water']];
    }

    /**
     * @param non-empty-list<string> $names
     * @param array<string, string>  $expected
     */
    #[DataProvider('ratios')]
    public function testWorksOutEveryReading(string $text, array $names, array $expected): void
    {
        $readings = (new ReadRatio())->read($text, $names);
        self::assertSame($expected, array_combine(
            array_map(static fn (Reading $r): string => $r->key, $readings),
            array_map(static fn (Reading $r): string => $r->ratio->inWords(), $readings),
        ));
    }

    public function testEveryReadingIsSaidInMillilitresOrGrams(): void
    {
        $said = static fn (string $text, string $unit): array => array_map(
            static fn (Reading $r): string => $r->sentence,
            (new ReadRatio())->read($text, ['paint', 'water'], $unit),
        );
        self::assertSame(
            ['1 paint : 3 water (in 100 ml: 25 ml paint and 75 ml water)', '3 paint : 1 water (in 100 ml: 75 ml paint and 25 ml water)'],
            $said('1:3', 'ml'),
        );
        self::assertSame(['75 g paint + 25 g water (25 % of the total)', '100 g paint + 25 g water'], $said('25 %', 'g'));
    }

    /**
     * @param non-empty-list<string> $names
     */
    #[TestWith(['1:-3', ['paint', 'water'], 'A part can\'t be negative (water)'])]
    #[TestWith(['1:0:0', ['a', 'b', 'c'], '1:0:0 leaves only one ingredient'])]
    #[TestWith(['0:0', ['a', 'b'], 'above 0'])]
    #[TestWith(['1:2:3', ['a', 'b'], '3 parts but there are 2 ingredients'])]
    #[TestWith(['25 %', ['a', 'b', 'c'], 'two ingredients'])]
    #[TestWith(['0 %', ['a', 'b'], 'above 0 %'])]
    #[TestWith(['-5 %', ['a', 'b'], 'negative'])]
    #[TestWith(['lots', ['a', 'b'], 't a ratio'])]
    #[TestWith(['1:x', ['a', 'b'], 't an amount'])]
    public function testRefusesRatiosThatAreNone(string $text, array $names, string $says): void
    {
        $this->expectException(InvalidMeasure::class);
        $this->expectExceptionMessage($says);
        (new ReadRatio())->read($text, $names);
    }

    #[TestWith(['1375', UnitSystem::Metric, '1.38 l'])]
    #[TestWith(['43.75', UnitSystem::Metric, '43.8 ml'])]
    #[TestWith(['0.3', UnitSystem::Metric, '0.3 ml'])]
    #[TestWith(['946.352946', UnitSystem::US, '1 quart'])]
    #[TestWith(['29.5735295625', UnitSystem::US, '1 fl oz'])]
    public function testPrintsInTheStudiosUnits(string $ml, UnitSystem $system, string $shown): void
    {
        self::assertSame($shown, (new PrintQuantity($system))->inWords(Quantity::millilitres($ml)));
    }

    #[TestWith(['1/3', '⅓', '1/3'])]
    #[TestWith(['7/4', '1 ¾', '1.75'])]
    #[TestWith(['5', '5', '5'])]
    #[TestWith(['1/7', '0.14', '1/7'])]
    public function testPrintsTrueFractionsAndTravelsExactly(string $value, string $kitchen, string $exact): void
    {
        self::assertSame($kitchen, ExactNumber::kitchen(BigRational::of($value)));
        self::assertSame($exact, ExactNumber::exact(BigRational::of($value)));
        self::assertTrue(ExactNumber::parse($exact)->isEqualTo($value));
    }
}
