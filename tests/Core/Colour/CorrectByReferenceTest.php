<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Colour;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\ColourDifference;
use Inlaid\Core\Colour\CorrectByReference;
use Inlaid\Core\Colour\InvalidColour;
use Inlaid\Core\Colour\Light;
use Inlaid\Core\Colour\ReferenceCard;
use Inlaid\Core\Colour\Spot;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * A colour in a photo is corrected by what a neutral reference shows in the same light.
 */
final class CorrectByReferenceTest extends TestCase
{
    use Randomly;

    /**
     * By hand: the card reflects 0.18 and shows 0.36, 0.18, 0.09; so the light is 2, 1 and ½ of what it would be. A patch that shows 0.5,
     * 0.25, 0.125 reflects 0.25 of each: #898989.
     */
    public function testByHand(): void
    {
        $found = (new CorrectByReference())->correct(
            new Spot(new Light(0.5, 0.25, 0.125), 0.0),
            new Spot(new Light(0.36, 0.18, 0.09), 0.0),
            0.18,
        );
        self::assertSame(['#898989', '#bc8963'], [$found->colour->hex, $found->asPhotographed->hex]);
        self::assertSame(['The light is too coloured to correct reliably.'], $found->remarks);
    }

    /**
     * In any light that does not blow the reference out every patch is what it is, to the last code.
     */
    public function testAnyLightIsTakenOut(): void
    {
        $this->manyTimes(300, function (): void {
            $card = ReferenceCard::cases()[$this->int(0, 1)]->reflects();
            $light = array_map(fn (): float => $this->float(0.4, 1.0), range(1, 3));
            $true = array_map(fn (): float => $this->float(0.0, 0.95), range(1, 3));
            $lit = static fn (array $of): Light => new Light(...array_map(static fn (float $v, float $l): float => $v * $l, $of, $light));
            $found = (new CorrectByReference())->correct(new Spot($lit($true), 0.0), new Spot($lit([$card, $card, $card]), 0.0), $card);
            self::assertSame((new Light(...$true))->colour()->hex, $found->colour->hex);
            self::assertNotEmpty($found->cannot);
        });
    }

    public function testDoubtIsSaid(): void
    {
        $grey = new Spot(new Light(0.18, 0.18, 0.18), 0.5);
        $says = static fn (Spot $patch, Spot $reference, float $reflects = 0.18): string => implode(
            ' ',
            (new CorrectByReference())->correct($patch, $reference, $reflects)->remarks,
        );
        self::assertSame('', $says($grey, $grey));
        self::assertStringContainsString('has several colours', $says(new Spot($grey->mean, 9.0), $grey));
        self::assertStringContainsString('uneven', $says($grey, new Spot($grey->mean, 9.0)));
        self::assertStringContainsString('Brighter than white', $says(new Spot(new Light(0.9, 0.9, 0.9), 0.0), $grey, 0.88));
        self::assertStringContainsString('patch is overexposed', $says(new Spot(new Light(1.0, 0.9, 0.9), 0.0), $grey));
        foreach ([
            [new Light(1.0, 0.9, 0.9), 0.88, 'overexposed'],
            [new Light(0.5, 0.5, 0.001), 0.18, 'too dark'],
            [new Light(0.5, 0.5, 0.5), 1.2, '2 to 98 %'],
            [new Light(0.5, 0.5, 0.5), \NAN, '2 to 98 %'],
        ] as [$shows, $reflects, $message]) {
            try {
                (new CorrectByReference())->correct($grey, new Spot($shows, 0.0), $reflects);
                self::fail("no refusal: $message");
            } catch (InvalidColour $refusal) {
                self::assertStringContainsString($message, $refusal->getMessage());
            }
        }
    }

    /**
     * Half of the points black and half white: the mean of the light is a half, which is #bcbcbc and not #808080.
     */
    public function testAMeanIsOneOfLight(): void
    {
        $spot = Spot::of([[0, 0, 0], [255, 255, 255]]);
        self::assertSame('#bcbcbc', $spot->mean->colour()->hex);
        self::assertGreaterThan(40, $spot->spread);
        self::assertSame(0.0, round(Spot::of([[90, 100, 110], [90, 100, 110]])->spread, 1));
        $this->manyTimes(100, function (): void {
            $hex = \sprintf('#%06x', $this->int(0, 0xFFFFFF));
            self::assertSame($hex, Light::of(Colour::of($hex))->colour()->hex);
        });
    }

    public function testADifferenceIsSaidAsItIsSeen(): void
    {
        $say = static fn (string $one, string $other): string => ColourDifference::between(Colour::of($one), Colour::of($other))->inWords;
        self::assertSame('no visible difference (ΔE 0)', $say('#808080', '#808080'));
        self::assertStringStartsWith('visible side by side (ΔE 1.', $say('#808080', '#848484'));
        self::assertStringStartsWith('visible apart (ΔE ', $say('#808080', '#898989'));
        self::assertSame('different colour (ΔE 37.4): lighter', preg_replace('/ΔE [\d.]+/', 'ΔE 37.4', $say('#c0c0c0', '#606060')));
        self::assertStringContainsString('redder', $say('#a06060', '#808080'));
    }
}
