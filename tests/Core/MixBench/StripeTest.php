<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\MixBench;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\ColourDifference;
use Inlaid\Core\Material\Material;
use Inlaid\Core\MixBench\ReadStripe;
use Inlaid\Core\MixBench\StripeCard;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\InvalidMix;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * How thin a pot is, told from a stripe of it.
 */
final class StripeTest extends TestCase
{
    use Randomly;

    /**
     * Forty stripes of pots nobody measured, in ten colours and hidings, seen with the noise of a careful eye and laid up to a sixth
     * thicker or thinner than told: at least 36 are read within one step.
     */
    public function testFortyStripes(): void
    {
        $right = 0;
        $this->manyTimes(40, function () use (&$right): void {
            $paint = Given::paint(
                colour: [
                    '#5b6b73',
                    '#efe3c4',
                    '#8a3a28',
                    '#23473a',
                    '#c08a34',
                    '#2f5a8a',
                    '#a39a8b',
                    '#3c3836',
                    '#d0d4cf',
                    '#7a5a80',
                ][$this->int(0, 9)],
                hides: 0.85 + 0.01 * $this->int(0, 12),
            );
            $mix = self::wash($paint);
            $true = $this->int(0, 10);
            $stripe = self::read($mix)->rungs[$true];
            $card = self::read($mix, [$this->seen($stripe->onBlack), $this->seen($stripe->onWhite)]);
            self::assertNotNull($card->best);
            self::assertEqualsWithDelta(1.0, array_sum(array_map(static fn ($r): float => (float) $r->chance, $card->rungs)), 0.01);
            $right += abs($card->best - $true) <= 1 ? 1 : 0;
        });
        self::assertGreaterThanOrEqual(36, $right);
    }

    /** The thinner, the more the halves differ; held beside the stripes it is that one, and what to add brings it to the ratio wanted. */
    public function testAStripeLeadsToWhatToAdd(): void
    {
        $card = self::read(self::wash(Given::paint()));
        $apart = array_map(
            static fn ($r): float => ColourDifference::between(
                Colour::of($r->onBlack),
                Colour::of($r->onWhite),
            )->deltaE,
            $card->rungs,
        );
        $sorted = $apart;
        sort($sorted);
        self::assertSame($sorted, $apart);
        self::assertSame([null, null, '1 : 2'], [$card->best, $card->sure, $card->wanted]);

        // 300 ml at 1 : 4 are 60 of paint and 240 of water; for 1 : 2 there must be 120 of paint.
        $thin = self::read(self::wash(Given::paint()), looks: 8, volume: '300');
        self::assertSame(8, $thin->best);
        self::assertSame(['1 : 4', '60 ml', 'Paint'], [$thin->rungs[8]->said, $thin->rungs[8]->add?->text, $thin->rungs[8]->of]);
        self::assertStringContainsString('too thin', $thin->inWords);
        self::assertStringContainsString('Add 60 ml of Paint', $thin->inWords);
        // 300 ml at 1 : 1/2 are 200 of paint and 100 of water; for 1 : 2 there must be 400 of water.
        $thick = self::read(self::wash(Given::paint()), looks: 2, volume: '300');
        self::assertSame(['300 ml', 'Water'], [$thick->rungs[2]->add?->text, $thick->rungs[2]->of]);
        $right = self::read(self::wash(Given::paint()), looks: 6, volume: '300');
        self::assertNull($right->rungs[6]->add);
        self::assertStringContainsString('as it should be', $right->inWords);
    }

    public function testWhatTellsNothing(): void
    {
        $mix = Mixture::of(
            'M',
            Basis::ByVolume,
            [Part::of(BigRational::one(), Given::paint()), Part::of(BigRational::one(), Given::paint('b'))],
        );
        $this->expectException(InvalidMix::class);
        self::read($mix);
    }

    /** A colour as a careful eye finds it: each channel off by a little. */
    private function seen(string $hex): Colour
    {
        $channels = array_map(
            fn (string $c): int => max(0, min(255, (int) hexdec($c) + $this->int(-5, 5))),
            str_split(ltrim($hex, '#'), 2),
        );

        return Colour::of(vsprintf('#%02x%02x%02x', $channels));
    }

    private static function wash(Material $paint): Mixture
    {
        return Mixture::of('Wash', Basis::ByVolume, [Part::of(BigRational::one(), $paint), Part::of(BigRational::of(2), Given::water())]);
    }

    /**
     * @param array{Colour, Colour}|null $seen
     */
    private static function read(Mixture $mix, ?array $seen = null, ?int $looks = null, ?string $volume = null): StripeCard
    {
        return (new ReadStripe())->read(
            mix: $mix,
            seen: $seen,
            looks: $looks,
            volume: null === $volume ? null : BigRational::of($volume),
            context: Given::context(),
        );
    }
}
