<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange;

use Inlaid\App\Exchange\Document\InvalidInput;

/**
 * Tables as CSV (RFC 4180, with a byte order mark so that spreadsheets read UTF-8).
 *
 * A text that a spreadsheet would take for a formula is written with an apostrophe before it, which is taken away again when such a table
 * is read.
 */
final class Csv
{
    private const MOST = 20_000;
    /** What a spreadsheet takes for a formula: also behind white space, and in the wide letters of East Asian keyboards. */
    private const FORMULA = '/^(?:[\s\x{FEFF}\p{Z}]*[=+\-@＝＋－＠]|[\t\r])/u';

    /**
     * @param list<string>                      $head
     * @param list<list<string|float|int|null>> $rows
     */
    public static function write(array $head, array $rows): string
    {
        return "\u{FEFF}".implode(
            '',
            array_map(static fn (array $row): string => implode(',', array_map(self::cell(...), $row))."\r\n", [$head, ...$rows]),
        );
    }

    /**
     * Reads a table whose first line names its columns. Spreadsheets of some countries write semicolons, and tabs into the clipboard;
     * columns that nobody asked for are left alone.
     *
     * @param list<string> $needed columns that must be there
     *
     * @return array<int, array<string, string>> by line, from 2, and column; lines with nothing in them are left out
     *
     * @throws InvalidInput if it is no such table
     */
    public static function read(string $text, array $needed): array
    {
        if (!mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0")) {
            throw InvalidInput::at('/text', 'Can\'t read this table. Save it as CSV in UTF-8.');
        }
        $text = (string) preg_replace('/^\x{FEFF}/u', '', $text);
        $first = strtok($text, "\r\n") ?: '';
        $counts = array_map(static fn (string $by): int => substr_count($first, $by), [',' => ',', ';' => ';', "\t" => "\t"]);
        arsort($counts);
        $by = (string) array_key_first($counts);
        $stream = fopen('php://memory', 'r+');
        \assert(false !== $stream);
        fwrite($stream, $text);
        rewind($stream);
        $head = array_map(static fn (?string $cell): string => trim((string) $cell), fgetcsv($stream, null, $by, '"', '') ?: []);
        foreach ($needed as $column) {
            if (!\in_array($column, $head, true)) {
                throw InvalidInput::at('/text', \sprintf('The table has no column “%s”.', $column));
            }
        }
        $rows = [];
        for ($line = 2; false !== $cells = fgetcsv($stream, null, $by, '"', ''); ++$line) {
            if (\count($rows) >= self::MOST) {
                throw InvalidInput::at('/text', \sprintf('Too many lines. Maximum %d.', self::MOST));
            }
            $row = [];
            foreach ($head as $i => $column) {
                $row[$column] = self::typed(trim((string) ($cells[$i] ?? '')));
            }
            if ('' !== implode('', $row)) {
                $rows[$line] = $row;
            }
        }
        fclose($stream);

        return $rows;
    }

    /** As it was before an apostrophe was put before it. */
    private static function typed(string $cell): string
    {
        return str_starts_with($cell, "'") && 1 === preg_match(self::FORMULA, substr($cell, 1)) ? substr($cell, 1) : $cell;
    }

    private static function cell(string|float|int|null $value): string
    {
        if (!\is_string($value)) {
            return (string) $value;
        }
        $safe = 1 === preg_match(self::FORMULA, $value) ? "'".$value : $value;

        return 1 === preg_match('/[",\r\n]/', $safe) ? '"'.str_replace('"', '""', $safe).'"' : $safe;
    }
}
