<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Picture;

/**
 * Takes a photo in: looks what it really is, whatever it calls itself, decodes it, turns it upright, makes it no larger than a board needs,
 * and writes it anew.
 *
 * So a script is not a picture, and where and with what a photo was taken is not kept. Size is looked at before anything is decoded.
 */
final class TakePicture
{
    /** While it is decoded a point takes eight bytes, which no memory limit of PHP counts. */
    public const MOST_POINTS = 25_000_000;
    public const LONGEST = 1800;
    private const QUALITY = 92;
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
        $isJpeg = \IMAGETYPE_JPEG === $size[2];
        if ($isJpeg && !self::ends($bytes)) {
            throw NoPicture::brokenOff();
        }
        $image = @imagecreatefromstring($bytes);
        if (false === $image) {
            throw NoPicture::notOne();
        }
        $image = $this->smaller($image); // first: what is turned is there twice
        $image = $this->onWhite($isJpeg ? $this->upright($image, $bytes) : $image);
        ob_start();
        imagejpeg($image, null, self::QUALITY);

        return new Picture((string) ob_get_clean(), imagesx($image), imagesy($image));
    }

    /**
     * A picture that this program wrote comes back as it was; written anew each time it goes out and in it would fade. Any other is taken
     * as a new one.
     *
     * @throws NoPicture if it is none, is too large, or breaks off
     */
    public function again(string $bytes): Picture
    {
        $size = @getimagesizefromstring($bytes);
        $isOurs = false !== $size
            && \IMAGETYPE_JPEG === $size[2]
            && max($size[0], $size[1]) <= self::LONGEST
            && min($size[0], $size[1]) >= self::LEAST
            && self::holdsNothingElse($bytes)
            && false !== @imagecreatefromstring($bytes);

        return $isOurs ? new Picture($bytes, $size[0], $size[1]) : $this->take($bytes);
    }

    /** Nothing but the points of a plain JPEG, as GD writes it: no place where it was taken, no words, nothing after its end. */
    private static function holdsNothingElse(string $bytes): bool
    {
        $at = 2;
        while ("\xff" === ($bytes[$at] ?? '') && \strlen($bytes) > $at + 4) {
            $marker = \ord($bytes[$at + 1]);
            $length = 256 * \ord($bytes[$at + 2]) + \ord($bytes[$at + 3]);
            $isJfif = 0xE0 === $marker && 16 === $length && "JFIF\0" === substr($bytes, $at + 4, 5);
            $isGd = 0xFE === $marker && $length < 80 && str_starts_with(substr($bytes, $at + 4), 'CREATOR: gd-jpeg');
            if (0xDA === $marker) {
                // In the points 0xFF is followed by 0 or a restart; the first other marker is the end, and the end of the file.
                return 1 === preg_match('/^(?:[^\xff]|\xff[\x00\xd0-\xd7])*+\xff\xd9$/Ds', substr($bytes, $at + 2 + $length));
            }
            if (!$isJfif && !$isGd && !\in_array($marker, [0xC0, 0xC4, 0xDB, 0xDD], true)) {
                return false;
            }
            $at += 2 + $length;
        }

        return false;
    }

    /**
     * The decoder says nothing of a JPEG that breaks off, and fills the rest with grey. In the points of a scan the marker of the end does
     * not occur, so it stands
     * behind the beginning of the last scan, or not at all.
     */
    private static function ends(string $bytes): bool
    {
        return (int) strrpos($bytes, "\xff\xd9") > (int) strrpos($bytes, "\xff\xda");
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
        $smaller = imagescale(
            $image,
            max(1, (int) round(imagesx($image) * self::LONGEST / $longest)),
            max(1, (int) round(imagesy($image) * self::LONGEST / $longest)),
            \IMG_BICUBIC,
        );

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
