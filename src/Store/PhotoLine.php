<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

/**
 * A photo without its points.
 *
 * Immutable.
 */
final readonly class PhotoLine
{
    public function __construct(
        public string $id,
        public string $patch,
        public int $width,
        public int $height,
        public \DateTimeImmutable $addedAt,
        public ?\DateTimeImmutable $archivedAt,
    ) {
    }
}
