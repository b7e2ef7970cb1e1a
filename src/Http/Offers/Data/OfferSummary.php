<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Offers\Data;

use Inlaid\App\Store\Entity\StoredOffer;
use Inlaid\App\Store\OfferedLook;

/**
 * A link for a client, without its secret, and what was chosen by it.
 */
final readonly class OfferSummary
{
    /**
     * @param list<OfferedSummary> $looks
     */
    private function __construct(
        public string $id,
        public string $title,
        public \DateTimeImmutable $createdAt,
        public \DateTimeImmutable $expiresAt,
        public bool $open,
        public array $looks,
        public ?string $choice,
        public string $comment,
        public ?\DateTimeImmutable $chosenAt,
    ) {
    }

    public static function of(StoredOffer $o): self
    {
        return new self(
            id: $o->id,
            title: $o->title,
            createdAt: $o->createdAt,
            expiresAt: $o->expiresAt,
            open: $o->isOpen(new \DateTimeImmutable()),
            looks: array_map(
                static fn (OfferedLook $l): OfferedSummary => new OfferedSummary($l->label, $l->name, $l->recipe),
                OfferedLook::all($o->looks),
            ),
            choice: $o->choice,
            comment: $o->comment,
            chosenAt: $o->chosenAt,
        );
    }
}
