<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Batch;

use Brick\Math\BigRational;
use Inlaid\Core\Batch\PotAllocator;
use Inlaid\Core\Batch\PotTaken;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Context\PotAtHand;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Measure\UnitSystem;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * Steps take from pots that hold just their mix, one after the other.
 */
final class PotsLeftTest extends TestCase
{
    use Randomly;

    private const NOW = 1_764_054_000;

    /** So many parts of paint (1.3 g/ml) to one of water. */
    private static function mix(int $parts): FlatMix
    {
        return (new FlattenMix())->flatten(Mixture::of(
            'Wash',
            Basis::ByVolume,
            [Part::of(BigRational::of($parts), Given::paint()), Part::of(BigRational::one(), Given::water())],
        ));
    }

    private static function pot(string $id, string $paint, string $water, ?int $goodUntil = null): PotAtHand
    {
        return new PotAtHand($id, $id, $goodUntil, ['paint' => ExactNumber::parse($paint), 'water' => ExactNumber::parse($water)]);
    }

    private static function left(PotAtHand ...$pots): PotAllocator
    {
        return new PotAllocator(new Context(
            self::NOW,
            WorkingTime::of('UTC', array_fill(1, 7, [[0, 1440]])),
            Climate::reference(),
            UnitSystem::Metric,
            [],
            [],
            BigRational::of('0.05'),
            BigRational::of('1/50'),
            pots: array_values($pots),
        ));
    }

    /**
     * @param list<PotTaken> $taken
     *
     * @return list<array{string, string, string}> pot, ml in it, ml taken
     */
    private static function said(array $taken): array
    {
        return array_map(static fn (PotTaken $t): array => [$t->pot->id, (string) $t->holds, (string) $t->takes], $taken);
    }

    /**
     * 130 g of paint and 100 of water are 200 ml of one to one. Two steps that want 150 each: the first gets 150, the second the 50 that
     * are left, and 60 of another pot of 60.
     */
    public function testTheNextStepFindsWhatIsLeft(): void
    {
        $left = self::left(self::pot('a', '130', '100'), self::pot('thin', '130', '400'), self::pot('b', '39', '30'));
        self::assertSame([['a', '200', '150']], self::said($left->take(self::mix(1), BigRational::of(150))));
        self::assertSame([['a', '50', '50'], ['b', '60', '60']], self::said($left->take(self::mix(1), BigRational::of(150))));
        self::assertSame([], self::said($left->take(self::mix(1), BigRational::of(1))));
        self::assertSame([], self::said($left->take(self::mix(3), BigRational::of(1))), 'of another ratio');
        self::assertSame(
            [['a', '200', '10']],
            self::said(self::left(self::pot('a', '130', '100', self::NOW))->take(self::mix(1), BigRational::of(10))),
            'on its last day',
        );
        self::assertSame(
            [],
            self::said(self::left(self::pot('a', '130', '100', self::NOW - 1))->take(self::mix(1), BigRational::of(10))),
            'past it',
        );
        self::assertSame(
            [['a', '201', '10']],
            self::said(self::left(self::pot('a', '130', '101'))->take(self::mix(1), BigRational::of(10))),
            'a hundredth off is borne',
        );
        self::assertSame([], self::said(self::left(self::pot('a', '130', '110'))->take(self::mix(1), BigRational::of(10))), 'ten are not');
    }

    /**
     * No pot gives more than is in it, no step takes more than it needs, and nothing is left while a step goes without.
     */
    public function testNothingIsTakenTwice(): void
    {
        $this->manyTimes(150, function (): void {
            $pots = $holds = [];
            foreach (range(1, $this->int(1, 4)) as $i) {
                $ml = $this->int(1, 100);
                $parts = $this->int(1, 2);
                $pots[] = self::pot("p$i", (string) BigRational::nd(13 * $ml * $parts, 10), (string) $ml);
                $holds["p$i"] = [$parts, BigRational::of($ml * ($parts + 1))];
            }
            $left = self::left(...$pots);
            $given = [];
            foreach (range(1, $this->int(1, 5)) as $_) {
                [$parts, $need] = [$this->int(1, 2), BigRational::of($this->int(1, 150))];
                $got = BigRational::zero();
                foreach ($left->take(self::mix($parts), $need) as $taken) {
                    self::assertSame($parts, $holds[$taken->pot->id][0]);
                    $given[$taken->pot->id] = ($given[$taken->pot->id] ?? BigRational::zero())->plus($taken->takes);
                    $got = $got->plus($taken->takes);
                }
                self::assertTrue($got->isLessThanOrEqualTo($need));
                $still = ExactNumber::sum(array_map(
                    static fn (string $id): BigRational => $holds[$id][0] === $parts
                        ? $holds[$id][1]->minus($given[$id] ?? 0)
                        : BigRational::zero(),
                    array_keys($holds),
                ));
                self::assertTrue($got->isEqualTo($need) || $still->isZero(), 'it went without while there was some');
            }
            foreach ($given as $id => $ml) {
                self::assertTrue($ml->isLessThanOrEqualTo($holds[$id][1]), 'more than is in it');
            }
        });
    }
}
