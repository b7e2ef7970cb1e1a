<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Colour;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\FirstSurface;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\MatchColour;
use Inlaid\Core\Colour\MatchedMix;
use Inlaid\Core\Colour\Optics;
use Inlaid\Core\Colour\RecoverSpectrum;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * The mix nearest a colour, against looking at every mix there is.
 */
final class MatchColourTest extends TestCase
{
    use Randomly;

    private static function paint(string $hex, float $scattering = 0.03): Optics
    {
        return Optics::ofMasstone(
            FirstSurface::of(Sheen::Matt)->inside((new RecoverSpectrum())->recover(Colour::of($hex))),
            array_fill(0, 36, $scattering),
        );
    }

    /**
     * @param array<string, int>    $parts
     * @param array<string, Optics> $paints
     */
    private static function look(array $parts, array $paints): Lab
    {
        return FirstSurface::of(Sheen::Matt)->observed(
            Optics::mix(array_map(
                static fn (string $p, int $n): array => [$paints[$p], (float) $n],
                array_keys($parts),
                $parts,
            ))->masstone(),
        )->lab();
    }

    /**
     * Every mix of up to so many of the paints with at most twelve parts, in lowest terms.
     *
     * @param list<string> $names
     *
     * @return iterable<array<string, int>>
     */
    private static function all(array $names, int $most, int $left = MatchColour::MOST_PARTS): iterable
    {
        foreach ($most > 0 ? $names : [] as $i => $name) {
            for ($part = 1; $part <= $left; ++$part) {
                yield [$name => $part];
                foreach (self::all(\array_slice($names, $i + 1), $most - 1, $left - $part) as $rest) {
                    yield [$name => $part] + $rest;
                }
            }
        }
    }

    /**
     * For three or four random paints and a random target: the nearest of all, by the rule, and with it the four nearest of other paints.
     */
    public function testTheNearestMixIsFound(): void
    {
        $this->manyTimes(12, function (): void {
            $paints = [];
            foreach (range(1, $this->int(3, 4)) as $i) {
                $paints["p$i"] = self::paint(\sprintf('#%06x', $this->int(0, 0xFFFFFF)), $this->float(0.01, 0.1));
            }
            $most = $this->int(2, 3);
            $target = 0 === $this->int(0, 1)
                ? Lab::of(Colour::of(\sprintf('#%06x', $this->int(0, 0xFFFFFF))))
                : self::look(['p1' => $this->int(1, 5), 'p2' => $this->int(1, 5)], $paints);
            $found = MatchColour::find($paints, $target, FirstSurface::of(Sheen::Matt), static fn (): bool => false, $most);
            self::assertTrue($found->complete);
            $all = [];
            foreach (self::all(array_keys($paints), $most) as $parts) {
                $all[] = [DeltaE2000::between(self::look($parts, $paints), $target), \count($parts), array_sum($parts), $parts];
            }
            $nearest = min([\INF, ...array_column($all, 0)]);
            $good = array_filter($all, static fn (array $m): bool => $m[0] <= $nearest + 0.5);
            usort($good, static fn (array $a, array $b): int => [$a[1], $a[2], $a[0]] <=> [$b[1], $b[2], $b[0]]);
            self::assertNotNull($found->best);
            self::assertEqualsWithDelta($good[0][0], $found->best->deltaE, 1e-9);
            self::assertSame($good[0][3], $found->best->parts);
            $nearestOf = [];
            foreach ($all as [$apart, , , $parts]) {
                $set = implode(' ', array_keys($parts));
                $nearestOf[$set] = min($apart, $nearestOf[$set] ?? \INF);
            }
            unset($nearestOf[implode(' ', array_keys($found->best->parts))]);
            $others = array_filter($nearestOf, static fn (float $apart): bool => $apart <= $nearest + 2);
            asort($others);
            self::assertSame(
                array_keys(\array_slice($others, 0, 4)),
                array_map(static fn (MatchedMix $m): string => implode(' ', array_keys($m->parts)), $found->others),
            );
            self::assertEqualsWithDelta(
                array_values(\array_slice($others, 0, 4)),
                array_map(static fn (MatchedMix $m): float => $m->deltaE, $found->others),
                1e-9,
            );
        });
    }

    /**
     * A paint that is on the shelf is matched by itself; a mix of two parts to three is found again.
     */
    public function testWhatWasMixedIsFoundAgain(): void
    {
        $paints = [
            'white' => self::paint('#f1efe8', 0.08),
            'slate' => self::paint('#5d6a72'),
            'ochre' => self::paint('#b9832f'),
            'soot' => self::paint('#2b2c2e', 0.01),
        ];
        $find = static fn (Lab $target) => MatchColour::find($paints, $target, FirstSurface::of(Sheen::Matt), static fn (): bool => false);
        self::assertSame(['slate' => 1], $find(self::look(['slate' => 1], $paints))->best?->parts);
        $found = $find(self::look(['white' => 7, 'ochre' => 4], $paints));
        self::assertSame(['white', 'ochre'], array_keys($found->best->parts ?? []));
        self::assertLessThan(0.5, $found->best?->deltaE);
        self::assertNull(MatchColour::find([], new Lab(50, 0, 0), FirstSurface::of(Sheen::Matt), static fn (): bool => false)->best);
    }

    /**
     * When the time is up it says that it is not complete, with the best so far.
     */
    public function testOutOfTimeItSaysSo(): void
    {
        $paints = array_map(static fn (int $i): Optics => self::paint(\sprintf('#%02x%02x%02x', 20 * $i, 255 - 18 * $i, 90)), range(1, 10));
        $asked = 0;
        $found = MatchColour::find($paints, new Lab(50, 10, 10), FirstSurface::of(Sheen::Matt), static function () use (&$asked): bool {
            return ++$asked >= 3;
        });
        self::assertFalse($found->complete);
        self::assertNotNull($found->best);
    }
}
