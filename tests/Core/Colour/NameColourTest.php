<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Colour;

use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\NameColour;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What a colour is called on both sides of each bound between two names, given as lightness, chroma and hue angle.
 */
final class NameColourTest extends TestCase
{
    /** @return iterable<string, array{float, float, list<array{float, string}>}> lightness, chroma, and names from a hue on */
    public static function rings(): iterable
    {
        yield 'strong and mid' => [50.0, 60.0, [
            [0.1, 'mid red'], [41.9, 'mid red'], [42.1, 'mid brown'], [83.9, 'mid brown'], [84.1, 'mid olive'], [117.9, 'mid olive'],
            [118.1, 'mid green'], [167.9, 'mid green'], [168.1, 'mid blue-green'], [231.9, 'mid blue-green'], [232.1, 'mid blue'],
            [285.9, 'mid blue'], [286.1, 'mid violet'], [324.9, 'mid violet'], [325.1, 'mid plum'], [349.9, 'mid plum'], [350.1, 'mid red'],
        ]];
        yield 'strong and light' => [70.0, 60.0, [
            [17.9, 'light pink'], [18.1, 'light red'], [42.1, 'light orange'], [65.9, 'light orange'], [66.1, 'light ochre'],
            [84.1, 'light yellow'], [105.9, 'light yellow'], [106.1, 'light green'], [350.1, 'light pink'],
        ]];
        yield 'weak and light' => [70.0, 20.0, [
            [59.9, 'light orange'], [60.1, 'light sand'], [109.9, 'light sand'], [110.1, 'light green'],
        ]];
        yield 'weak and pale' => [90.0, 20.0, [[60.1, 'pale cream'], [110.1, 'pale green']]];
        yield 'greyish and dark' => [
            30.0,
            9.0,
            [[60.0, 'dark greyish brown'], [100.0, 'dark greyish olive'], [250.0, 'dark greyish blue']],
        ];
    }

    /** @param list<array{float, string}> $names */
    #[DataProvider('rings')]
    public function testAroundTheCircle(float $light, float $chroma, array $names): void
    {
        foreach ($names as [$hue, $name]) {
            self::assertSame($name, self::called($light, $chroma, $hue), "hue $hue");
        }
    }

    public function testFromDarkToLight(): void
    {
        $at = static fn (float $chroma): array => array_map(
            static fn (float $l): string => self::called($l, $chroma, 250.0),
            [15.9, 16.1, 37.9, 38.1, 61.9, 62.1, 83.9, 84.1, 94.9, 95.1],
        );
        self::assertSame(
            ['black', 'dark grey', 'dark grey', 'mid grey', 'mid grey', 'light grey', 'light grey', 'off-white', 'off-white', 'white'],
            $at(4.9),
        );
        self::assertSame(
            [
                'blackish blue', 'dark blue', 'dark blue', 'mid blue', 'mid blue', 'light blue', 'light blue', 'pale blue', 'pale blue',
                'pale blue',
            ],
            $at(11.1),
        );
        self::assertSame(['mid greyish blue', 'mid greyish blue'], [self::called(50.0, 5.1, 250.0), self::called(50.0, 10.9, 250.0)]);
        self::assertSame(
            ['mid olive', 'light yellow', 'mid brown', 'light ochre', 'light sand', 'light cream'],
            [
                self::called(61.9, 60.0, 90.0), self::called(62.1, 60.0, 90.0), self::called(54.9, 60.0, 70.0),
                self::called(62.5, 60.0, 70.0), self::called(79.9, 29.9, 70.0), self::called(80.1, 29.9, 70.0),
            ],
        );
    }

    private static function called(float $light, float $chroma, float $hue): string
    {
        return NameColour::of(new Lab($light, $chroma * cos(deg2rad($hue)), $chroma * sin(deg2rad($hue))));
    }
}
