<?php

declare(strict_types=1);

namespace Inlaid\Tests;

use Inlaid\App\Console\Demo\DrawBoardPhoto;
use Inlaid\Core\Colour\Light;

/**
 * Pictures as a camera would send them, drawn for tests, and what else may come along.
 */
final class Pictures
{
    /**
     * A board of one row of patches with a grey card (18 % of the light) beneath, in warm light.
     *
     * @param list<array{float, float, float}> $reflects linear, by patch
     */
    public static function board(array $reflects, float $light = 0.8, int $width = 600, int $height = 400): string
    {
        return (new DrawBoardPhoto())->draw(
            [array_map(static fn (array $r): Light => new Light(...$r), $reflects)],
            new Light(0.4, 0.3, 0.2),
            $light,
            $width,
            $height,
        );
    }

    /** With a place in it where it was taken, and held upside down. */
    public static function withPlace(string $jpeg): string
    {
        $entry = static fn (int $tag, int $type, int $count, string $value): string => pack(
            'nnN',
            $tag,
            $type,
            $count,
        ).str_pad($value, 4, "\0");
        // IFD0 with orientation 3 and a pointer to a GPS directory with one latitude reference and its degrees.
        $gpsAt = 8 + 2 + 2 * 12 + 4;
        $ifd0 = pack('n', 2).$entry(0x0112, 3, 1, pack('n', 3)).$entry(0x8825, 4, 1, pack('N', $gpsAt)).pack('N', 0);
        $gps = pack('n', 2).$entry(0x0001, 2, 2, "N\0").$entry(
            0x0002,
            5,
            3,
            pack('N', $gpsAt + 2 + 2 * 12 + 4),
        ).pack('N', 0).pack('N6', 47, 1, 12, 1, 34, 1);
        $tiff = 'MM'.pack('nN', 42, 8).$ifd0.$gps;
        $exif = "Exif\0\0".$tiff;

        return substr($jpeg, 0, 2)."\xff\xe1".pack('n', \strlen($exif) + 2).$exif.substr($jpeg, 2);
    }

    /** A PNG that says it is 30,000 by 30,000 points. */
    public static function huge(): string
    {
        $chunk = static fn (string $type, string $data): string => pack('N', \strlen($data)).$type.$data.pack('N', crc32($type.$data));

        return "\x89PNG\r\n\x1a\n".$chunk(
            'IHDR',
            pack('NNCCCCC', 30_000, 30_000, 8, 2, 0, 0, 0),
        ).$chunk('IDAT', (string) gzcompress(str_repeat("\0", 1000))).$chunk('IEND', '');
    }
}
