<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\MixBench;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Measure\Quantity;
use Inlaid\Core\Measure\UnitSystem;
use Inlaid\Core\MixBench\PreviewCorrection;
use Inlaid\Core\MixBench\PreviewEvaporation;
use Inlaid\Core\MixBench\PreviewLadder;
use Inlaid\Core\MixBench\PreviewMatch;
use Inlaid\Core\MixBench\PreviewMix;
use Inlaid\Core\MixBench\PreviewPool;
use Inlaid\Core\MixBench\ReadStripe;
use Inlaid\Core\Mixing\Contents;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Mixing\InvalidMix;
use Inlaid\Core\Mixing\Portion;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The mixing bench: what each of its tools answers, as bench.yaml has it.
 */
final class MixBenchWorkedOutTest extends TestCase
{
    /**
     * @return iterable<string, array{string, \Closure(): ?object}>
     */
    public static function answers(): iterable
    {
        $wash = ['platform-slate' => '1', 'water' => '3'];
        $milk = ['halt-ochre' => '2', 'water' => '3'];
        $ml = static fn (int|string $ml): BigRational => BigRational::of($ml);
        $pot = static fn (array $grams): Contents => Contents::of(array_map(
            static fn (int $g, string $id): Portion => Portion::of(Analysed::shelf()[$id], BigRational::of($g)),
            $grams,
            array_keys($grams),
        ));
        $correct = static fn (
            array $grams,
            array $wanted,
            ?int $holds = null,
            array $have = [],
        ): object => (new PreviewCorrection())->preview(
            $pot($grams),
            self::flat($wanted),
            null === $holds ? null : BigRational::of($holds),
            array_map(BigRational::of(...), $have),
            Analysed::shop(),
        );
        $match = static fn (array $of, string $colour, int $most = 3): object => (new PreviewMatch())->preview(
            array_values(array_map(static fn (string $id) => Analysed::shelf()[$id], $of)),
            Colour::of($colour),
            Sheen::Matt,
            $most,
            BigRational::of(200),
            UnitSystem::Metric,
            static fn (): bool => false,
        );
        $pool = static fn (array $pots, array $wanted, array $have, ?int $yield): ?object => (new PreviewPool())->preview(
            array_values(array_map(static fn (array $p): array => [(string) $p[0], $pot($p[1])], $pots)),
            self::flat($wanted),
            array_map(BigRational::of(...), $have),
            null === $yield ? null : BigRational::of($yield),
            Analysed::shop(),
        );
        $stripe = static fn (?array $seen, ?int $looks, ?int $volume): object => (new ReadStripe())->read(
            Analysed::mix($wash),
            null === $seen ? null : [Colour::of($seen[0]), Colour::of($seen[1])],
            $looks,
            null === $volume ? null : BigRational::of($volume),
            Analysed::shop(),
        );
        $answers = [
            'a wash, 180 ml' => static fn (): object => (new PreviewMix())->toYield(Analysed::mix($wash), $ml(180), Analysed::shop()),
            'a wash in ounces' => static fn (): object => (new PreviewMix())->toYield(
                Analysed::mix($wash),
                $ml(180),
                Analysed::shop(units: UnitSystem::US),
            ),
            'milk paint, a drop of it' => static fn (): object => (new PreviewMix())->toYield(
                Analysed::mix($milk),
                $ml(3),
                Analysed::shop(),
            ),
            'thinned further than the label allows' => static fn (): object => (new PreviewMix())->toYield(
                Analysed::mix(['platform-slate' => '1', 'water' => '7']),
                $ml(100),
                Analysed::shop(),
            ),
            'water and oil' => static fn (): object => (new PreviewMix())->toYield(
                Analysed::mix(['platform-slate' => '1', 'hard-oil' => '1']),
                $ml(100),
                Analysed::shop(),
            ),
            'a paint as it is' => static fn (): object => (new PreviewMix())->toYield(
                Analysed::shelf()['signal-cream'],
                $ml(250),
                Analysed::shop(),
            ),
            'from all of 40 ml of paint' => static fn (): object => (new PreviewMix())->fromAllOf(
                Analysed::mix($wash),
                'platform-slate',
                Quantity::millilitres(40),
                Analysed::shop(),
            ),
            'nothing to measure with' => static fn (): object => (new PreviewMix())->toYield(
                Analysed::mix($wash),
                $ml(180),
                Analysed::context(),
            ),
            'corrected: too much water' => static fn (): object => $correct(['platform-slate' => 60, 'water' => 200], $wash),
            'corrected: too little water' => static fn (): object => $correct(['platform-slate' => 60, 'water' => 50], $wash),
            'corrected: as it should be' => static fn (): object => $correct(['platform-slate' => 142, 'water' => 300], $wash),
            'corrected: too little room' => static fn (): object => $correct(['platform-slate' => 60, 'water' => 200], $wash, holds: 300),
            'corrected: too little paint' => static fn (): object => $correct(
                ['platform-slate' => 60, 'water' => 200],
                $wash,
                have: ['platform-slate' => 12],
            ),
            'evaporated' => static fn (): object => (new PreviewEvaporation())->preview(
                $pot(['platform-slate' => 142, 'water' => 300]),
                $ml(600),
                $ml(566),
                Analysed::shelf()['water'],
                Analysed::shop(),
            ),
            'a ladder of five' => static fn (): object => (new PreviewLadder())->preview(
                self::flat(['signal-cream' => '1']),
                self::flat(['platform-slate' => '1']),
                5,
                $ml(20),
                Analysed::shop(),
            ),
            'a ladder of two, thinned' => static fn (): object => (new PreviewLadder())->preview(
                self::flat($wash),
                self::flat(['platform-slate' => '1', 'water' => '1']),
                2,
                $ml(50),
                Analysed::context(),
            ),
            'matched: a grey of three' => static fn (): object => $match([
                'signal-cream',
                'platform-slate',
                'lamp-soot',
                'poppy-bank',
            ], '#9a9f9c'),
            'matched: what is on the shelf' => static fn (): object => $match(['signal-cream', 'platform-slate'], '#5d6a72'),
            'matched: at most one' => static fn (): object => $match(['signal-cream', 'platform-slate'], '#9a9f9c', 1),
            'matched: nothing comes near' => static fn (): object => $match(['signal-cream', 'platform-slate'], '#c00000'),
            'pooled: two pots and some water' => static fn (): ?object => $pool(
                [['old wash', ['platform-slate' => 60, 'water' => 200]], ['thick wash', ['platform-slate' => 80, 'water' => 60]]],
                $wash,
                ['water' => 500],
                null,
            ),
            'pooled: 200 ml' => static fn (): ?object => $pool(
                [['old wash', ['platform-slate' => 60, 'water' => 200]], ['thick wash', ['platform-slate' => 80, 'water' => 60]]],
                $wash,
                [],
                200,
            ),
            'pooled: more than there is' => static fn (): ?object => $pool(
                [['old wash', ['platform-slate' => 60, 'water' => 200]]],
                $wash,
                [],
                2000,
            ),
            'a stripe nobody has looked at' => static fn (): object => $stripe(null, null, null),
            'a stripe as the third rung' => static fn (): object => $stripe(null, 2, 250),
            'a stripe that was measured' => static fn (): object => $stripe(['#2a3033', '#9aa3a8'], null, 250),
        ];
        foreach ($answers as $name => $answer) {
            yield $name => [$name, $answer];
        }
    }

    /**
     * @param \Closure(): ?object $answer
     */
    #[DataProvider('answers')]
    public function testTheBenchAnswersAsItDid(string $name, \Closure $answer): void
    {
        $is = $answer();
        Said::assertSame(__DIR__.'/bench.yaml', $name, null === $is ? null : array_map(
            static fn (mixed $v): string => Said::line((object) ['is' => $v]),
            array_filter(get_object_vars($is), static fn (mixed $v): bool => null !== $v && [] !== $v),
        ));
    }

    public function testWhatCannotBeIsRefused(): void
    {
        $wrong = [
            static fn () => (new PreviewCorrection())->preview(
                Contents::of([
                    Portion::of(Analysed::shelf()['platform-slate'], BigRational::of(60)),
                    Portion::of(Analysed::shelf()['lamp-soot'], BigRational::of(5)),
                ]),
                self::flat(['platform-slate' => '1', 'water' => '3']),
                null,
                [],
                Analysed::shop(),
            ),
            static fn () => (new PreviewMatch())->preview(
                array_fill(0, 13, Analysed::shelf()['signal-cream']),
                Colour::of('#808080'),
                Sheen::Matt,
                3,
                BigRational::of(100),
                UnitSystem::Metric,
                static fn (): bool => false,
            ),
            static fn () => (new PreviewMatch())->preview(
                [Analysed::shelf()['water']],
                Colour::of('#808080'),
                Sheen::Matt,
                3,
                BigRational::of(100),
                UnitSystem::Metric,
                static fn (): bool => false,
            ),
            static fn () => (new PreviewLadder())->preview(
                self::flat(['signal-cream' => '1']),
                self::flat(['platform-slate' => '1']),
                1,
                BigRational::of(20),
                Analysed::context(),
            ),
            static fn () => (new PreviewEvaporation())->preview(
                Contents::of([]),
                BigRational::of(600),
                BigRational::of(500),
                Analysed::shelf()['water'],
                Analysed::context(),
            ),
        ];
        $said = [];
        foreach ($wrong as $make) {
            try {
                $make();
            } catch (InvalidMix $error) {
                $said[] = $error->getMessage();
            }
        }
        Said::assertSame(__DIR__.'/bench.yaml', 'refused', $said);
        self::assertCount(\count($wrong), $said);
    }

    /**
     * @param array<string, string> $parts
     */
    private static function flat(array $parts): FlatMix
    {
        return (new FlattenMix())->flatten(Analysed::mix($parts));
    }
}
