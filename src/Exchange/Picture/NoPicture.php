<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Picture;

/**
 * Something that was sent as a photo and is not taken for one.
 */
final class NoPicture extends \RuntimeException
{
    public static function notOne(): self
    {
        return new self('This is no picture that can be read here. Photos are JPEG, PNG or WebP.');
    }

    public static function brokenOff(): self
    {
        return new self('This picture breaks off in the middle. Copy it from the camera once more.');
    }

    public static function tooLarge(int $width, int $height, int $most): self
    {
        return new self(\sprintf('This picture has %d × %d points; more than %d million are not taken. Save it smaller.', $width, $height, intdiv($most, 1_000_000)));
    }

    public static function tooSmall(): self
    {
        return new self('This picture is too small to see anything on.');
    }
}
