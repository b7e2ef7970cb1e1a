<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Picture;

use Inlaid\Core\Colour\Light;

/**
 * Reads points spread evenly over a picture, each the mean of what lies about it.
 */
final class ReadPoints
{
    /** Points along the longer side. */
    private const ALONG = 64;

    /**
     * @return non-empty-list<Light>
     *
     * @throws NoPicture if it is none
     */
    public function read(string $jpeg): array
    {
        $image = @imagecreatefromstring($jpeg);
        if (false === $image) {
            throw NoPicture::notOne();
        }
        $by = self::ALONG / max(imagesx($image), imagesy($image));
        $small = imagescale(
            $image,
            max(1, (int) round($by * imagesx($image))),
            max(1, (int) round($by * imagesy($image))),
            $by < 1.0 ? \IMG_BILINEAR_FIXED : \IMG_NEAREST_NEIGHBOUR,
        );
        if (false === $small) {
            throw NoPicture::notOne();
        }
        $points = [];
        for ($y = 0; $y < imagesy($small); ++$y) {
            for ($x = 0; $x < imagesx($small); ++$x) {
                $code = (int) imagecolorat($small, $x, $y);
                $points[] = Light::ofCodes(($code >> 16) & 255, ($code >> 8) & 255, $code & 255);
            }
        }

        return $points;
    }
}
