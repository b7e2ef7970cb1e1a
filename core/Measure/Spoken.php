<?php

declare(strict_types=1);

namespace Inlaid\Core\Measure;

/**
 * Numbers as they are said, in figures: "half a cup" is ½ cup, "two thirds" is 2/3, "one to three" is 1 to 3.
 */
final class Spoken
{
    private const NUMBERS = [
        'one' => '1', 'two' => '2', 'three' => '3', 'four' => '4', 'five' => '5', 'six' => '6', 'seven' => '7', 'eight' => '8',
        'nine' => '9', 'ten' => '10', 'twelve' => '12', 'twenty' => '20',
    ];
    private const SHARES = ['half' => 2, 'third' => 3, 'quarter' => 4, 'fifth' => 5, 'eighth' => 8, 'tenth' => 10];

    public static function inFigures(string $text): string
    {
        $text = mb_strtolower(trim($text));
        $numbers = implode('|', array_keys(self::NUMBERS));
        $shares = implode('|', array_keys(self::SHARES));
        $text = (string) preg_replace_callback(
            "/\\b(?:(an?|$numbers|\\d+)\\s+)?($shares)s?\\b(?:\\s+of)?(?:\\s+an?\\b)?/u",
            static fn (array $m): string => (self::NUMBERS[$m[1]] ?? (ctype_digit($m[1]) ? $m[1] : '1')).'/'.self::SHARES[$m[2]],
            $text,
        );
        $text = (string) preg_replace_callback(
            "/\\b($numbers)\\b/u",
            static fn (array $m): string => self::NUMBERS[$m[1]],
            $text,
        );

        return (string) preg_replace('/^an?\s+(?=\p{L})/u', '1 ', $text);
    }
}
