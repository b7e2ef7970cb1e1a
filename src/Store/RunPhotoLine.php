<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

/**
 * A photo of a run without its points; `step` at which it was taken.
 *
 * Immutable.
 */
final readonly class RunPhotoLine
{
    public function __construct(
        public string $id,
        public ?string $step,
        public int $width,
        public int $height,
        public \DateTimeImmutable $addedAt,
    ) {
    }
}
