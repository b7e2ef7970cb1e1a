<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Batch;

use Brick\Math\BigRational;
use Inlaid\Core\Batch\BatchLinePreview;
use Inlaid\Core\Batch\BatchPreview;
use Inlaid\Core\Batch\CupPreview;
use Inlaid\Core\Batch\DescribePour;
use Inlaid\Core\Batch\FillCup;
use Inlaid\Core\Batch\Mixing;
use Inlaid\Core\Batch\PouredMix;
use Inlaid\Core\Batch\Remark;
use Inlaid\Core\Batch\RemarkOnMix;
use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Measure\Amount;
use Inlaid\Core\Measure\UnitSystem;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\DeriveCharacter;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Made;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * What is poured for a step, for which coats, and what is said of it.
 */
final class PouredTest extends TestCase
{
    /** 1 m² of 100 µm is 100 ml, 120 on bare wood; ÷ 0.95 and 8 for the brush: 134.4 and 113.3 ml. */
    public function testWhatIsPouredForWhichCoats(): void
    {
        $work = Made::works(Made::recipe([Made::step('s', 'brushed', Given::paint(), 3)]), Given::context())[0];
        $of = static fn (Mixing ...$mixings) => (new DescribePour())->describe($work, [], array_values($mixings), Given::context());
        $once = $of() ?? self::fail('it pours');
        self::assertSame([134.4, 113.3, 113.3], array_map(static fn (Amount $a): float => $a->ml, $once->taken));
        self::assertSame([361.0, [1, 2, 3], null], [$once->need->ml, $once->mixes[0]->coats, $once->mixes[0]->at]);
        self::assertSame(361.0, $once->mixes[0]->need->ml);
        $twice = $of(new Mixing(0, [1 => 1.0, 2 => 0.25]), new Mixing(7200, [2 => 0.75, 3 => 1.0])) ?? self::fail('it pours');
        self::assertEqualsWithDelta(
            [134.4 + 0.25 * 113.3, 0.75 * 113.3 + 113.3],
            array_map(static fn (PouredMix $m): float => $m->need->ml, $twice->mixes),
            1e-6,
        );
        self::assertSame([[1, 2], [2, 3]], array_map(static fn (PouredMix $m): array => $m->coats, $twice->mixes));
        self::assertSame('1970-01-01T02:00:00+00:00', $twice->mixes[1]->at);
        self::assertSame([null, 'Paint', 0.0, null], [$once->words, $once->name, $once->thinning, $once->cost]);
        $sanded = Made::works(Made::recipe([Made::step('s', 'dusted')]), Given::context())[0];
        self::assertNull((new DescribePour())->describe($sanded, [], [], Given::context()));
    }

    /** Of several a third and so on, rounded to a hundredth of a percent. */
    public function testSharesAreRounded(): void
    {
        $work = Made::works(Made::recipe([Made::step('s', 'brushed', Given::paint())]), Given::context())[0];
        $third = (new DescribePour())->describe($work, [], [new Mixing(null, [1 => 1 / 3])], Given::context())?->mixes[0]->need->ml;
        self::assertEqualsWithDelta(134.4 * 0.3333, $third, 1e-4);
    }

    public function testWhenAPotIsMixed(): void
    {
        self::assertSame('coat 2', (new Mixing(null, [2 => 1.0]))->inWords());
        self::assertSame('coats 1 to 4', (new Mixing(null, [2 => 1.0, 1 => 0.5, 4 => 0.2, 3 => 1.0]))->inWords());
        self::assertSame([1 => 1.0, 2 => 1.0, 3 => 1.0], Mixing::once(3)->shares);
        self::assertSame([1 => 1.0], Mixing::once(0)->shares);
        self::assertNull(Mixing::once(3)->at);
    }

    public function testTheGraverComesFirst(): void
    {
        self::assertSame(
            [2, 1, 0],
            array_map(static fn (Severity $s): int => $s->rank(), [Severity::Stop, Severity::Warn, Severity::Advise]),
        );
    }

    private static function batch(bool $measured, float ...$ml): BatchPreview
    {
        $amount = static fn (float $of): Amount => Amount::of(BigRational::of((string) $of), UnitSystem::Metric);

        return new BatchPreview(
            measured: $measured,
            yield: $amount(array_sum($ml)),
            surplus: $amount(0.0),
            error: 0.0,
            lines: array_map(static fn (float $of, int $i): BatchLinePreview => new BatchLinePreview(
                materialId: "m$i",
                name: "M$i",
                colour: null,
                amount: $amount($of),
                volume: $of,
                how: null,
                isPowder: $of > 4000,
            ), array_values($ml), array_keys(array_values($ml))),
            cost: null,
            smallest: true,
        );
    }

    private static function cup(): CupPreview
    {
        return (new FillCup())->fill(10.0, [['m', 'M', 10.0]], Analysed::shop()) ?? self::fail('a cup');
    }

    /** @return list<string> */
    private static function says(BatchPreview $batch, ?CupPreview $cup, string $water = '1'): array
    {
        $mix = Mixture::of(
            'M',
            Basis::ByVolume,
            [Part::of(BigRational::one(), Given::paint()), Part::of(BigRational::of($water), Given::water())],
        );
        $character = (new DeriveCharacter())->derive((new FlattenMix())->flatten($mix));

        return array_map(
            static fn (Remark $r): string => $r->severity->value.': '.$r->text,
            (new RemarkOnMix())->remark($character, $batch, $cup),
        );
    }

    /** @param list<float> $ml */
    #[TestWith([[1.9, 50.0], '1.9 ml of M0. Add a 1 ml syringe or a scale in Settings.'])]
    #[TestWith([[50.0, 2.0], '2 ml of M1. Add a 20 ml syringe or a scale in Settings.'])]
    #[TestWith([[19.9, 50.0], '19.9 ml of M0. Add a 20 ml syringe or a scale in Settings.'])]
    #[TestWith([[20.0, 50.0], '20 ml of M0. Add a 100 ml syringe or a scale in Settings.'])]
    #[TestWith([[99.9, 500.0], '99.9 ml of M0. Add a 100 ml syringe or a scale in Settings.'])]
    #[TestWith([[100.0, 500.0], '100 ml of M0. Add a jug or a scale in Settings.'])]
    #[TestWith([[4001.0, 5000.0], '4 l of M0. Add a smaller spoon or a scale in Settings.'])]
    public function testWhichMeasureIsMissing(array $ml, string $says): void
    {
        self::assertSame(
            ["advise: Your measuring tools can't reach this ratio: the smallest part is $says"],
            self::says(self::batch(false, ...$ml), self::cup()),
        );
    }

    public function testWhatIsSaidOfAMix(): void
    {
        self::assertSame([], self::says(self::batch(true, 5.0, 5.0), self::cup()));
        self::assertSame([], self::says(self::batch(false, 5.0), self::cup()), 'one thing alone needs no ratio');
        self::assertSame(
            ['advise: No cup in Settings holds 10 ml. Mix it in two batches or add a larger cup.'],
            self::says(self::batch(true, 5.0, 5.0), null),
        );
        self::assertSame(['warn: Thinned 3.5 to 1; maximum 3 to 1. Seal it.'], self::says(self::batch(true, 5.0, 5.0), self::cup(), '7/2'));
        self::assertSame([], self::says(self::batch(true, 5.0, 5.0), self::cup(), '3'));
    }
}
