<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\MixBench;

use Brick\Math\BigRational;
use Inlaid\Core\Batch\BatchLinePreview;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Material\Body;
use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\MeasureAtHand;
use Inlaid\Core\Measure\ReadQuantity;
use Inlaid\Core\Measure\UnitSystem;
use Inlaid\Core\MixBench\PreviewCorrection;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\Contents;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Mixing\Portion;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * A pot is put right by the words on the screen, to the letter: it never runs over.
 */
final class BrimTest extends TestCase
{
    use Randomly;

    public function testNothingRunsOverByRounding(): void
    {
        $full = $measured = $nearest = 0;
        $this->manyTimes(150, function () use (&$full, &$measured, &$nearest): void {
            $units = UnitSystem::cases()[$this->int(0, \count(UnitSystem::cases()) - 1)];
            $materials = [
                Given::paint(density: (string) BigRational::nd($this->int(8, 16), 10)->toBigDecimal()),
                Given::water(),
                0 === $this->int(0, 1) ? Given::powder() : Given::paint('second'),
            ];
            $wanted = (new FlattenMix())->flatten(Mixture::of(
                'target',
                Basis::ByVolume,
                array_map(fn ($m): Part => Part::of(BigRational::of($this->int(1, 6)), $m), $materials),
            ));
            $pot = Contents::of(array_map(fn ($m): Portion => Portion::of($m, $this->rational(1, 600, 7)), $materials));
            $least = $pot->volume();
            $holds = $least->plus($this->rational(0, 300, 9));
            $have = 0 === $this->int(0, 2) ? ['water' => $this->rational(0, 60, 7)] : [];
            $measures = 0 === $this->int(0, 2)
                ? []
                : [
                    MeasureAtHand::of('spoon', BigRational::of('4.93'), BigRational::of('4.93')),
                    MeasureAtHand::of('cup', BigRational::of(60), BigRational::of(240)),
                    MeasureAtHand::of('scale', BigRational::of(5), BigRational::of(2000), Dimension::Mass),
                ];
            $context = new Context(
                1_764_054_000,
                WorkingTime::of('UTC', array_fill(1, 7, [[0, 1440]])),
                Climate::reference(),
                $units,
                $measures,
                [],
                BigRational::of('0.05'),
                BigRational::of('0.02'),
            );
            $found = (new PreviewCorrection())->preview($pot, $wanted, $holds, $have, $context);
            $bodies = array_column(array_map(static fn ($m): array => [$m->id, $m->body], $materials), 1, 0);
            $level = $least->toFloat() - (null === $found->pourOff ? 0.0 : $this->said($found->pourOff->text, $units));
            $this->isBelow($level, $found->add, $holds->toFloat(), $bodies, $units);
            if (null !== $found->nearest) {
                ++$nearest;
                $this->isBelow($least->toFloat(), $found->nearest->add, $holds->toFloat(), $bodies, $units);
            }
            $full += null === $found->pourOff ? 0 : 1;
            $measured += \count(array_filter($found->add, static fn (BatchLinePreview $l): bool => null !== $l->how));
        });
        self::assertGreaterThan(35, $full);
        self::assertGreaterThan(35, $measured);
        self::assertGreaterThan(6, $nearest);
    }

    /**
     * @param list<BatchLinePreview> $add
     * @param array<string, Body>    $bodies by material
     */
    private function isBelow(float $level, array $add, float $holds, array $bodies, UnitSystem $units): void
    {
        foreach ($add as $line) {
            $read = $this->said($line->amount->text, $units);
            $body = $bodies[$line->materialId];
            $measured = null === $line->how ? 0.0 : $this->measured($line->how, $body->asMeasured()->toFloat());
            $level += max($read, $measured) * $body->asMeasured()->toFloat() / $body->density->toFloat();
        }
        self::assertLessThanOrEqual($holds + 1e-9, $level);
    }

    private function said(string $text, UnitSystem $units): float
    {
        return (new ReadQuantity($units))->read($text)->amount->toFloat();
    }

    /** ml that "3 × spoon" or "35 g on the scale" are. */
    private function measured(string $how, float $density): float
    {
        preg_match('/^([\d.]+) (×|g|ml)/u', $how, $m) || self::fail($how);

        return match ($m[2]) {
            '×' => (float) $m[1] * 4.93,
            'ml' => (float) $m[1],
            default => (float) $m[1] / $density,
        };
    }
}
