<?php

declare(strict_types=1);

namespace Inlaid\Tests;

/**
 * Pictures as a camera would send them, drawn for tests: three patches beside a grey card in warm light, and what else may come along.
 */
final class Pictures
{
    /** Light that is warmer than daylight: what it does to red, green and blue. */
    private const WARM = [1.0, 0.86, 0.62];

    /**
     * A board of three patches with a grey card (18 % of the light) beneath, in warm light.
     *
     * @param list<array{float, float, float}> $reflects linear, by patch
     */
    public static function board(array $reflects, float $light = 0.8, int $width = 600, int $height = 400): string
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        imagefill($image, 0, 0, self::shade($image, [0.4, 0.3, 0.2], $light));
        foreach ($reflects as $i => $patch) {
            $x = (int) ($width * (0.05 + 0.3 * $i));
            imagefilledrectangle($image, $x, (int) ($height * 0.1), $x + (int) ($width * 0.25), (int) ($height * 0.6), self::shade($image, $patch, $light));
        }
        imagefilledrectangle($image, (int) ($width * 0.3), (int) ($height * 0.7), (int) ($width * 0.7), (int) ($height * 0.95), self::shade($image, [0.18, 0.18, 0.18], $light));

        return self::jpeg($image);
    }

    /** With a place in it where it was taken, and held upside down. */
    public static function withPlace(string $jpeg): string
    {
        $entry = static fn (int $tag, int $type, int $count, string $value): string => pack('nnN', $tag, $type, $count).str_pad($value, 4, "\0");
        // IFD0 with orientation 3 and a pointer to a GPS directory with one latitude reference and its degrees.
        $gpsAt = 8 + 2 + 2 * 12 + 4;
        $ifd0 = pack('n', 2).$entry(0x0112, 3, 1, pack('n', 3)).$entry(0x8825, 4, 1, pack('N', $gpsAt)).pack('N', 0);
        $gps = pack('n', 2).$entry(0x0001, 2, 2, "N\0").$entry(0x0002, 5, 3, pack('N', $gpsAt + 2 + 2 * 12 + 4)).pack('N', 0).pack('N6', 47, 1, 12, 1, 34, 1);
        $tiff = 'MM'.pack('nN', 42, 8).$ifd0.$gps;
        $exif = "Exif\0\0".$tiff;

        return substr($jpeg, 0, 2)."\xff\xe1".pack('n', \strlen($exif) + 2).$exif.substr($jpeg, 2);
    }

    /** A PNG that says it is 30,000 by 30,000 points. */
    public static function huge(): string
    {
        $chunk = static fn (string $type, string $data): string => pack('N', \strlen($data)).$type.$data.pack('N', crc32($type.$data));

        return "\x89PNG\r\n\x1a\n".$chunk('IHDR', pack('NNCCCCC', 30_000, 30_000, 8, 2, 0, 0, 0)).$chunk('IDAT', (string) gzcompress(str_repeat("\0", 1000))).$chunk('IEND', '');
    }

    /**
     * @param array{float, float, float} $reflects
     */
    private static function shade(\GdImage $image, array $reflects, float $light): int
    {
        $codes = array_map(static function (float $r, float $warm) use ($light): int {
            $v = min(1.0, $r * $warm * $light);

            return max(0, min(255, (int) round(255 * ($v <= 0.0031308 ? 12.92 * $v : 1.055 * $v ** (1 / 2.4) - 0.055))));
        }, $reflects, self::WARM);

        return (int) imagecolorallocate($image, ...$codes);
    }

    private static function jpeg(\GdImage $image): string
    {
        ob_start();
        imagejpeg($image, null, 95);

        return (string) ob_get_clean();
    }
}
