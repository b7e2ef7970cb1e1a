<?php

declare(strict_types=1);

// What the scripts of bin/bench share.

/** Paints of the demo that a colour is matched from. */
const PAINTS = ['platform-slate', 'lamp-soot', 'ballast', 'poppy-bank', 'tunnel-mist', 'signal-cream', 'engine-green', 'footplate-grey', 'morning-lime', 'evening-pine', 'matt-emulsion', 'mineral-paint'];

/**
 * Tells one measured figure beside the former one and the most it may be, as the table of docs/performance.md has them: there is no
 * other place for bounds.
 *
 * @param string $of what it was worked out from, for whoever looks into it
 *
 * @return bool whether it is within
 */
function told(string $what, float $now, string $of = ''): bool
{
    static $table = null;
    if (null === $table) {
        preg_match_all('~^\| ([^|]+?) \| ([\d.]+) \| ([\d.]+) \|$~m', (string) file_get_contents(__DIR__.'/../docs/performance.md'), $rows, PREG_SET_ORDER);
        $table = array_column($rows, null, 1);
    }
    [, , $most, $was] = $table[$what] ?? throw new RuntimeException("docs/performance.md has no bound for “{$what}”.");
    $kept = $now <= (float) $most;
    $places = max(0, strlen((string) strrchr($was, '.')) - 1);
    printf("%s %9s %9s %9s%s%s\n", $what.str_repeat(' ', max(0, 74 - mb_strlen($what))), number_format($now, $places, '.', ''), $was, $most, '' === $of ? '' : "  $of", $kept ? '' : '  TOO MUCH');

    return $kept;
}

/** The same recipe, its last seven steps done over and over until there are so many. */
function longer(stdClass $document, int $count): stdClass
{
    $long = clone $document;
    while (count($long->steps) < $count) {
        $again = clone $long->steps[count($long->steps) - 7];
        $again->id = 'long'.count($long->steps);
        $long->steps[] = $again;
    }

    return $long;
}
