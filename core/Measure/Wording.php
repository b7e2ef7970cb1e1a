<?php

declare(strict_types=1);

namespace Inlaid\Core\Measure;

/**
 * How several things are said in one sentence.
 */
final class Wording
{
    /**
     * "a", "a and b", "a, b and c".
     *
     * @param list<string> $words
     */
    public static function listed(array $words): string
    {
        $last = array_pop($words);

        return ([] === $words ? '' : implode(', ', $words).' and ').$last;
    }
}
