<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Palette;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\Core\Colour\Colour;

/**
 * Reads a palette: the GIMP format (a head, then red, green, blue and a name on each line), or CSV of a name and a colour in six
 * hexadecimal digits, in whichever order.
 */
final class ReadPalette
{
    private const MOST = 2000;
    private const MOST_BYTES = 500_000;

    /**
     * @return list<Chip>
     *
     * @throws InvalidInput if it is neither, too large, or a line cannot be true; the pointer names the line
     */
    public function read(string $text): array
    {
        if (\strlen($text) > self::MOST_BYTES) {
            throw InvalidInput::at('/text', 'The palette is too large. Maximum 0.5 MB.');
        }
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw InvalidInput::at('/text', 'This isn\'t UTF-8 text.');
        }
        $lines = preg_split('~\r\n|\r|\n~', (string) preg_replace('~^\x{FEFF}~u', '', $text)) ?: [];
        $gimp = str_starts_with(trim($lines[0] ?? ''), 'GIMP Palette');
        $chips = [];
        foreach ($lines as $i => $line) {
            if ('' === trim($line) || ($gimp && (0 === $i || 1 === preg_match('~^\s*(#|Name:|Columns:)~', $line)))) {
                continue;
            }
            $chip = $gimp ? self::gimp($line) : self::csv($line);
            if (null === $chip && !$gimp && [] === $chips && 0 === $i) {
                continue; // the head of a table
            }
            $chips[] = $chip ?? throw InvalidInput::at(
                '/text',
                \sprintf('Line %d isn\'t a colour: “%s”.', $i + 1, mb_substr(trim($line), 0, 60)),
            );
            if (\count($chips) > self::MOST) {
                throw InvalidInput::at('/text', \sprintf('Too many colours. Maximum %d.', self::MOST));
            }
        }

        return [] === $chips ? throw InvalidInput::at('/text', 'The file has no colours.') : $chips;
    }

    private static function gimp(string $line): ?Chip
    {
        if (
            1 !== preg_match('~^\s*(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+(.*))?$~u', $line, $m)
            || max((int) $m[1], (int) $m[2], (int) $m[3]) > 255
        ) {
            return null;
        }
        $hex = \sprintf('#%02x%02x%02x', $m[1], $m[2], $m[3]);

        return new Chip(self::named($m[4] ?? '', $hex), Colour::of($hex)->hex);
    }

    private static function csv(string $line): ?Chip
    {
        $cells = array_map(static fn (?string $c): string => trim((string) $c), str_getcsv($line, ',', '"', ''));
        foreach ($cells as $i => $cell) {
            if (1 === preg_match('~^#?[0-9a-fA-F]{6}$~', $cell)) {
                $hex = '#'.strtolower(ltrim($cell, '#'));

                return new Chip(self::named($cells[0 === $i ? 1 : 0] ?? '', $hex), $hex);
            }
        }

        return null;
    }

    private static function named(string $name, string $hex): string
    {
        $name = trim((string) preg_replace("~^'(?=[=+\\-@])~", '', $name));

        return '' === $name ? $hex : mb_substr($name, 0, 80);
    }
}
