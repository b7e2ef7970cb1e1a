<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Measure;

use Brick\Math\BigRational;
use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\Duration;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Measure\MeasureAtHand;
use Inlaid\Core\Measure\PrintQuantity;
use Inlaid\Core\Measure\SettleWeight;
use Inlaid\Core\Measure\UnitSystem;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * Numbers as they are shown, at the bounds where another unit or fewer digits begin.
 */
final class PrintedTest extends TestCase
{
    #[TestWith([UnitSystem::Metric, 0.504, '0.5 ml', 0.5])]
    #[TestWith([UnitSystem::Metric, 9.994, '9.99 ml', 9.99])]
    #[TestWith([UnitSystem::Metric, 10.04, '10 ml', 10.0])]
    #[TestWith([UnitSystem::Metric, 199.94, '199.9 ml', 199.9])]
    #[TestWith([UnitSystem::Metric, 200.4, '200 ml', 200.0])]
    #[TestWith([UnitSystem::Metric, 999.0, '999 ml', 999.0])]
    #[TestWith([UnitSystem::Metric, 1000.0, '1 l', 1000.0])]
    #[TestWith([UnitSystem::US, 13.9, '13.9 ml', 13.9])]
    #[TestWith([UnitSystem::US, 14.8, '0.5 fl oz', 14.7868])]
    #[TestWith([UnitSystem::US, 899.0, '30.4 fl oz', 899.036])]
    #[TestWith([UnitSystem::US, 900.0, '0.95 quart', 899.035])]
    #[TestWith([UnitSystem::US, 946.353, '1 quart', 946.353])]
    public function testVolumes(UnitSystem $system, float $ml, string $shown, float $read): void
    {
        $print = new PrintQuantity($system);
        self::assertSame($shown, $print->millilitres($ml));
        self::assertEqualsWithDelta($read, $print->asRead($ml), 0.01);
    }

    #[TestWith([UnitSystem::Metric, 999.0, '999 g'])]
    #[TestWith([UnitSystem::Metric, 1000.0, '1 kg'])]
    #[TestWith([UnitSystem::US, 28.3, '28.3 g'])]
    #[TestWith([UnitSystem::US, 28.35, '1 oz'])]
    #[TestWith([UnitSystem::US, 453.5, '16 oz'])]
    #[TestWith([UnitSystem::US, 453.6, '1 lb'])]
    #[TestWith([UnitSystem::US, 550.0, '1.21 lb'])]
    public function testWeights(UnitSystem $system, float $g, string $shown): void
    {
        self::assertSame($shown, (new PrintQuantity($system))->grams($g));
    }

    #[TestWith([0.0, '0 min'])]
    #[TestWith([89.4, '89 min'])]
    #[TestWith([89.9, '90 min'])]
    #[TestWith([90.0, '1.5 h'])]
    #[TestWith([275.0, '4.6 h'])]
    #[TestWith([2879.0, '48 h'])]
    #[TestWith([2880.0, '2 days'])]
    #[TestWith([43200.0, '30 days'])]
    #[TestWith([5000.0, '3.5 days'])]
    public function testTimes(float $minutes, string $says): void
    {
        self::assertSame($says, Duration::inWords($minutes));
    }

    #[TestWith(['3', '3', '3'])]
    #[TestWith(['1/4', '0.25', '0.25'])]
    #[TestWith(['1/3', '1/3', '1/3'])]
    #[TestWith(['1000/3', '1000/3', '1000/3'])]
    #[TestWith(['1000000/3', '1000000/3', '1000000/3'])]
    #[TestWith(['1/1234567891', '1/1234567891', '1/1234567891'])]
    #[TestWith(['1/12345678911', '1/12345678911', '0'])]
    #[TestWith(['123456789/7000', '123456789/7000', '17636.6841'])]
    #[TestWith(['100', '100', '100'])]
    #[TestWith(['12.3400', '12.34', '12.34'])]
    public function testHowNumbersTravelAndAreWritten(string $value, string $exact, string $written): void
    {
        self::assertSame($exact, ExactNumber::exact(BigRational::of($value)));
        self::assertSame($written, ExactNumber::written(BigRational::of($value)));
    }

    public function testNeverCutShort(): void
    {
        self::assertSame(['3.3', '3.3', '4', '0.05'], array_map(strval(...), [
            ExactNumber::exact(ExactNumber::ceil(3.263)),
            ExactNumber::exact(ExactNumber::ceil(3.3)),
            ExactNumber::exact(ExactNumber::ceil(3.91)),
            ExactNumber::exact(ExactNumber::ceil(0.041, 2)),
        ]));
    }

    /** A spoon, a jug from 100 ml and a scale take powder; a syringe and a dropper do not. */
    public function testWhatTakesPowder(): void
    {
        $of = static fn (string $step, string $holds, Dimension $d = Dimension::Volume): bool => MeasureAtHand::of(
            'm',
            BigRational::of($step),
            BigRational::of($holds),
            $d,
        )->takesPowder();
        self::assertSame(
            [true, false, false, true, true],
            [$of('5', '5'), $of('1/2', '20'), $of('1', '99'), $of('10', '100'), $of('1', '50', Dimension::Mass)],
        );
        self::assertFalse(MeasureAtHand::dropper(BigRational::of('1/20'))->takesPowder());
        self::assertSame('5', ExactNumber::exact(MeasureAtHand::dropper(BigRational::of('1/20'))->capacity), 'a hundred drops');
    }

    /** The scale swings and comes to rest: at once it shows what lay on it before, after three seconds what lies on it now. */
    public function testAScaleSettles(): void
    {
        $show = static fn (float $seconds) => (new SettleWeight())->show(10.0, 30.0, $seconds);
        self::assertSame([10.0, false], [$show(0.0)->grams, $show(0.0)->settled]);
        self::assertSame([30.0, true], [$show(3.0)->grams, $show(3.0)->settled]);
        self::assertSame($show(0.0)->grams, $show(-1.0)->grams);
        // After a third of a second 20·e^(−0.952) = 7.7 are left, swung to cos 3 of it: 30 + 7.6.
        self::assertEqualsWithDelta(30 - 20 * exp(-1 / 1.05) * cos(3), $show(1 / 3)->grams, 0.05);
        self::assertSame([false, true], [$show(2.0)->settled, $show(2.2)->settled], 'half a tenth');
    }
}
