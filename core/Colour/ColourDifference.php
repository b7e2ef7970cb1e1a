<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

use Inlaid\Core\Measure\ExactNumber;

/**
 * How one colour differs from another: in ΔE (CIEDE2000), and in words.
 *
 * Immutable.
 */
final readonly class ColourDifference
{
    private function __construct(public float $deltaE, public string $inWords)
    {
    }

    public static function between(Colour $one, Colour $than): self
    {
        return self::ofLabs(Lab::of($one), Lab::of($than));
    }

    public static function ofLabs(Lab $a, Lab $b): self
    {
        $apart = DeltaE2000::between($a, $b);
        $ways = CompareColours::words($a, $b);
        $seen = match (true) {
            $apart < 1 => 'no visible difference',
            $apart < 2 => 'visible side by side',
            $apart < 4 => 'visible apart',
            default => 'different colour',
        };

        return new self(
            round($apart, 2),
            \sprintf('%s (ΔE %s)%s', $seen, ExactNumber::plain($apart, 1), $apart < 1 || [] === $ways ? '' : ': '.implode(', ', $ways)),
        );
    }
}
