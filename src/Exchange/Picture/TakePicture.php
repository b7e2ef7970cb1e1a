<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Picture;

/**
 * Takes a photo in: looks what it really is, whatever it calls itself, decodes it, turns it upright, makes it no larger than a board needs, and writes it anew.
 *
 * So a script is not a picture, and where and with what a photo was taken is not kept. Size is looked at before anything is decoded.
 */
final class TakePicture
{
    public const MOST_POINTS = 40_000_000;
    public const LONGEST = 1800;
    private const QUALITY = 86;
    private const LEAST = 16;
    private const TYPES = [\IMAGETYPE_JPEG, \IMAGETYPE_PNG, \IMAGETYPE_WEBP];

    /**
     * @throws NoPicture if it is none, is too large, or breaks off
     */
    public function take(string $bytes): Picture
    {
        $size = @getimagesizefromstring($bytes);
        if (false === $size || !\in_array($size[2], self::TYPES, true)) {
            throw NoPicture::notOne();
        }
        [$width, $height] = $size;
        if ($width * $height > self::MOST_POINTS) {
            throw NoPicture::tooLarge($width, $height, self::MOST_POINTS);
        }
        if (min($width, $height) < self::LEAST) {
            throw NoPicture::tooSmall();
        }
        $image = $this->decode($bytes);
        if (\IMAGETYPE_JPEG === $size[2]) {
            $image = $this->upright($image, $bytes);
        }
        $image = $this->onWhite($this->smaller($image));
        ob_start();
        imagejpeg($image, null, self::QUALITY);

        return new Picture((string) ob_get_clean(), imagesx($image), imagesy($image));
    }

    /**
     * The decoder only warns of a picture that breaks off, and fills the rest with grey.
     *
     * @throws NoPicture
     */
    private function decode(string $bytes): \GdImage
    {
        $warned = '';
        set_error_handler(static function (int $level, string $message) use (&$warned): bool {
            $warned .= $message;

            return true;
        });
        try {
            $image = imagecreatefromstring($bytes);
        } finally {
            restore_error_handler();
        }
        if (1 === preg_match('/premature|truncated|end of|corrupt/i', $warned)) {
            throw NoPicture::brokenOff();
        }

        return false === $image ? throw NoPicture::notOne() : $image;
    }

    /** As the camera was held. */
    private function upright(\GdImage $image, string $bytes): \GdImage
    {
        $stream = fopen('php://memory', 'r+');
        \assert(false !== $stream);
        fwrite($stream, $bytes);
        rewind($stream);
        $exif = @exif_read_data($stream);
        fclose($stream);
        $held = \is_array($exif) && \is_int($exif['Orientation'] ?? null) ? $exif['Orientation'] : 1;
        if (\in_array($held, [2, 4, 5, 7], true)) {
            imageflip($image, \in_array($held, [2, 5, 7], true) ? \IMG_FLIP_HORIZONTAL : \IMG_FLIP_VERTICAL);
        }
        $turn = match ($held) {
            3 => 180, 5, 8 => 90, 6, 7 => 270, default => 0,
        };
        $turned = 0 === $turn ? $image : imagerotate($image, $turn, 0);

        return false === $turned ? $image : $turned;
    }

    private function smaller(\GdImage $image): \GdImage
    {
        $longest = max(imagesx($image), imagesy($image));
        if ($longest <= self::LONGEST) {
            return $image;
        }
        $smaller = imagescale($image, max(1, (int) round(imagesx($image) * self::LONGEST / $longest)), max(1, (int) round(imagesy($image) * self::LONGEST / $longest)), \IMG_BICUBIC);

        return false === $smaller ? $image : $smaller;
    }

    /** What was see-through lies on white; a picture with a table of colours gets points of its own. */
    private function onWhite(\GdImage $image): \GdImage
    {
        $canvas = imagecreatetruecolor(max(1, imagesx($image)), max(1, imagesy($image)));
        imagefill($canvas, 0, 0, (int) imagecolorallocate($canvas, 255, 255, 255));
        imagecopy($canvas, $image, 0, 0, 0, 0, imagesx($image), imagesy($image));

        return $canvas;
    }
}
