<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange;

/**
 * Writes tables as CSV (RFC 4180, with a byte order mark so that spreadsheets read UTF-8).
 *
 * A text that a spreadsheet would take for a formula is written with an apostrophe before it.
 */
final class Csv
{
    /**
     * @param list<string>                      $head
     * @param list<list<string|float|int|null>> $rows
     */
    public static function write(array $head, array $rows): string
    {
        return "\u{FEFF}".implode('', array_map(static fn (array $row): string => implode(',', array_map(self::cell(...), $row))."\r\n", [$head, ...$rows]));
    }

    private static function cell(string|float|int|null $value): string
    {
        if (!\is_string($value)) {
            return (string) $value;
        }
        $safe = 1 === preg_match('/^[=+\-@\t\r]/', $value) ? "'".$value : $value;

        return 1 === preg_match('/[",\r\n]/', $safe) ? '"'.str_replace('"', '""', $safe).'"' : $safe;
    }
}
