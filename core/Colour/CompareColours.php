<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * Says how one colour differs from another, in the words of the trade.
 */
final class CompareColours
{
    /** A step of L*, a* or b* that is worth a word. */
    private const SEEN = 1.5;

    /**
     * @return list<string> "darker", "redder", "yellower" …, the most different first; empty where none is worth a word
     */
    public static function words(Lab $one, Lab $than): array
    {
        $steps = ['lighter' => $one->l - $than->l, 'redder' => $one->a - $than->a, 'yellower' => $one->b - $than->b];
        $opposite = ['lighter' => 'darker', 'redder' => 'greener', 'yellower' => 'bluer'];
        uasort($steps, static fn (float $a, float $b): int => abs($b) <=> abs($a));
        $seen = array_filter($steps, static fn (float $step): bool => abs($step) >= self::SEEN);

        return array_map(static fn (string $word, float $step): string => $step > 0 ? $word : $opposite[$word], array_keys($seen), $seen);
    }
}
