<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Picture;

use Inlaid\Core\Colour\Spot;

/**
 * Reads a round spot of a kept picture.
 */
final class ReadSpot
{
    /** Points along the side of the square around a spot: enough for a mean. */
    private const MOST = 60;

    /**
     * @param float $x      middle, as a share of the width
     * @param float $y      middle, as a share of the height
     * @param float $radius as a share of the width
     *
     * @throws NoPicture if it is none
     */
    public function read(string $jpeg, float $x, float $y, float $radius): Spot
    {
        $image = @imagecreatefromstring($jpeg);
        if (false === $image) {
            throw NoPicture::notOne();
        }
        [$width, $height] = [imagesx($image), imagesy($image)];
        [$cx, $cy] = [(int) min($width - 1, max(0, floor($x * $width))), (int) min($height - 1, max(0, floor($y * $height)))];
        $r = max(1, (int) round($radius * $width));
        $step = max(1, (int) ceil(2 * $r / self::MOST));
        $pixels = [self::codes($image, $cx, $cy)];
        for ($dy = -$r; $dy <= $r; $dy += $step) {
            for ($dx = -$r; $dx <= $r; $dx += $step) {
                if ($dx * $dx + $dy * $dy <= $r * $r && $cx + $dx >= 0 && $cx + $dx < $width && $cy + $dy >= 0 && $cy + $dy < $height) {
                    $pixels[] = self::codes($image, $cx + $dx, $cy + $dy);
                }
            }
        }

        return Spot::of($pixels);
    }

    /**
     * @return array{int, int, int}
     */
    private static function codes(\GdImage $image, int $x, int $y): array
    {
        $code = (int) imagecolorat($image, $x, $y);

        return [($code >> 16) & 255, ($code >> 8) & 255, $code & 255];
    }
}
