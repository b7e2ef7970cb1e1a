<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\App\Exchange\Json;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\Light;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * The few colours of a photo.
 */
final class PhotoColoursTest extends TestCase
{
    use Randomly;

    private const CARD = ['x' => 0.92, 'y' => 0.1, 'radius' => 0.02];

    private static Studio $studio;

    public static function setUpBeforeClass(): void
    {
        self::$studio = Studio::open();
    }

    public static function tearDownAfterClass(): void
    {
        self::$studio->close();
    }

    /**
     * Photos of a board with a flat, a frame and a recess, a grey card beside it, in light of some colour and strength, with the noise of a
     * camera: each of its colours is among the few that are seen, within ΔE 4 once the card has corrected them; so it is where a ring is
     * put on
     * them. The same picture smaller and more compressed gives the same large colours.
     */
    public function testWhatABoardIsPaintedIsSeen(): void
    {
        $this->manyTimes(30, function (): void {
            $true = $this->colours();
            $cast = [$this->float(0.8, 1.05), $this->float(0.85, 1.0), $this->float(0.7, 1.0)];
            $exposed = $this->float(0.6, 1.0);
            $photo = $this->photo($true, array_map(static fn (float $c): float => $c * $exposed, $cast));
            $asked = ['reference' => self::CARD, 'card' => 'grey'];
            $seen = self::seen($photo, $asked);
            self::assertLessThanOrEqual(6, \count($seen));
            foreach ($true as $place => $colour) {
                self::assertLessThan(4.0, self::nearest($colour, $seen), "$place $colour among ".implode(' ', array_keys($seen)));
            }
            foreach (['flat' => [0.4, 0.55], 'frame' => [0.04, 0.5]] as $place => [$x, $y]) {
                $ring = self::ask('photo-colour', $photo, $asked + ['patch' => ['x' => $x, 'y' => $y, 'radius' => 0.015]]);
                self::assertLessThan(4.0, self::apart($true[$place], $ring->colour), $place);
            }
            $small = imagescale(imagecreatefromstring($photo) ?: throw new \LogicException('no picture'), 200);
            \assert(false !== $small);
            ob_start();
            imagejpeg($small, null, 55);
            $again = self::seen((string) ob_get_clean(), $asked);
            foreach (array_filter($seen, static fn (float $s): bool => $s > 0.15) as $colour => $share) {
                self::assertLessThan(3.0, self::nearest($colour, $again));
            }
            self::assertEqualsWithDelta(max([0.0, ...array_values($seen)]), max([0.0, ...array_values($again)]), 0.08);
        });
    }

    /** As it is shown where there is no card; what is no picture, or no card, is refused. */
    public function testWithoutACardItIsAsShown(): void
    {
        $this->manyTimes(1, function (): void {
            $photo = $this->photo(['flat' => '#5d6a72', 'frame' => '#efe3c4', 'recess' => '#2b2c2e'], [1.0, 1.0, 1.0]);
            $seen = self::seen($photo, []);
            self::assertEqualsWithDelta(1.0, array_sum($seen), 0.01);
            self::assertLessThan(2.0, self::nearest('#5d6a72', $seen));
            self::assertSame(max([0.0, ...array_values($seen)]), array_values($seen)[0], 'the largest comes first');
            $dark = self::ask('photo-colours', $photo, ['reference' => ['x' => 0.5, 'y' => 0.5, 'radius' => 0.001], 'card' => 'white']);
            self::assertIsArray($dark->colours, 'a ring on anything is taken for a card');
            self::assertSame(
                422,
                self::$studio->ask('POST', '/api/compute/photo-colours', 'GIF89a', ['Content-Type' => 'image/jpeg'])->getStatusCode(),
            );
        });
    }

    /**
     * Far enough from one another to be told apart.
     *
     * @return array<string, string>
     */
    private function colours(): array
    {
        $colours = [];
        foreach (['flat', 'frame', 'recess'] as $place) {
            do {
                $colour = \sprintf('#%02x%02x%02x', $this->int(40, 220), $this->int(40, 220), $this->int(40, 220));
                $near = array_filter($colours, static fn (string $c): bool => self::distance($c, $colour) < 24);
            } while ([] !== $near || self::distance('#777777', $colour) < 24);
            $colours[$place] = $colour;
        }

        return $colours;
    }

    /**
     * @param array<string, string> $true
     * @param list<float>           $light by channel
     */
    private function photo(array $true, array $light): string
    {
        $shown = array_map(static function (Light $l) use ($light): array {
            $of = new Light($light[0] * $l->red, $light[1] * $l->green, $light[2] * $l->blue);

            return $of->codes();
        }, [...array_map(static fn (string $c): Light => Light::of(Colour::of($c)), $true), 'card' => new Light(0.18, 0.18, 0.18)]);
        $image = imagecreatetruecolor(360, 240);
        \assert(false !== $image);
        for ($y = 0; $y < 240; ++$y) {
            for ($x = 0; $x < 360; ++$x) {
                $rim = min($x, 311 - $x, $y, 239 - $y);
                $of = match (true) {
                    $x >= 312 => 'card', $rim < 27 => 'frame', $rim < 40 => 'recess', default => 'flat',
                };
                [$r, $g, $b] = array_map(fn (int $v): int => max(0, min(255, $v + $this->int(-5, 5))), $shown[$of]);
                imagesetpixel($image, $x, $y, ($r << 16) | ($g << 8) | $b);
            }
        }
        ob_start();
        imagejpeg($image, null, 85);

        return (string) ob_get_clean();
    }

    /**
     * @param array<string, mixed> $asked
     *
     * @return array<string, float> share by colour
     */
    private static function seen(string $photo, array $asked): array
    {
        return array_column(self::ask('photo-colours', $photo, $asked)->colours, 'share', 'colour');
    }

    /**
     * @param array<string, mixed> $asked
     */
    private static function ask(string $what, string $photo, array $asked): \stdClass
    {
        $path = "/api/compute/$what?asked=".rawurlencode([] === $asked ? '{}' : Json::encode($asked));

        return Json::object((string) self::$studio->ask('POST', $path, $photo, ['Content-Type' => 'image/jpeg'])->getContent());
    }

    /**
     * @param array<string, float> $seen
     */
    private static function nearest(string $colour, array $seen): float
    {
        return min([\INF, ...array_map(static fn (string $s): float => self::apart($colour, $s), array_keys($seen))]);
    }

    private static function apart(string $one, string $other): float
    {
        return DeltaE2000::between(Lab::of(Colour::of($one)), Lab::of(Colour::of($other)));
    }

    private static function distance(string $one, string $other): float
    {
        [$a, $b] = [Lab::of(Colour::of($one)), Lab::of(Colour::of($other))];

        return sqrt(($a->l - $b->l) ** 2 + ($a->a - $b->a) ** 2 + ($a->b - $b->b) ** 2);
    }
}
