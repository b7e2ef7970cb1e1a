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
        return new self('Can\'t read this picture. Use JPEG, PNG or WebP.');
    }

    public static function brokenOff(): self
    {
        return new self('This picture is incomplete. Copy it from the camera again.');
    }

    public static function tooLarge(int $width, int $height, int $most): self
    {
        return new self(\sprintf(
            'This picture has %d × %d pixels. Maximum %d million. Save it smaller.',
            $width,
            $height,
            intdiv($most, 1_000_000),
        ));
    }

    public static function tooSmall(): self
    {
        return new self('This picture is too small.');
    }
}
