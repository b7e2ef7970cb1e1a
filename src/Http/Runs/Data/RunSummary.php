<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs\Data;

/**
 * A piece on the bench, in short.
 */
final readonly class RunSummary
{
    public function __construct(
        public string $id,
        public int $version,
        public string $title,
        public ?string $recipe,
        public ?int $revision,
        public ?string $place,
        public ?string $notBefore,
        public ?string $due,
        public ?\DateTimeImmutable $finishedAt,
        public bool $archived,
        public \DateTimeImmutable $createdAt,
        public string $lesson,
        public ?int $rating,
    ) {
    }
}
