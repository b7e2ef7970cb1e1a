<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

use Inlaid\App\Store\Entity\StoredShare;

/**
 * A link for a client, without its secret, and what was chosen by it.
 */
final readonly class ShareSummary
{
    public function __construct(
        public string $id,
        public \DateTimeImmutable $createdAt,
        public \DateTimeImmutable $expiresAt,
        public bool $open,
        public ?string $patch,
        public string $comment,
        public ?\DateTimeImmutable $chosenAt,
    ) {
    }

    public static function of(StoredShare $s): self
    {
        return new self(
            id: $s->id,
            createdAt: $s->createdAt,
            expiresAt: $s->expiresAt,
            open: $s->isOpen(new \DateTimeImmutable()),
            patch: $s->patch,
            comment: $s->comment,
            chosenAt: $s->chosenAt,
        );
    }
}
