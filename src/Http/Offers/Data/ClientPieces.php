<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Offers\Data;

use Inlaid\App\Exchange\Json;
use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Store\Entity\StoredOffer;
use Inlaid\App\Store\OfferedLook;

/**
 * Finished pieces as a client sees them: nothing of how they are made. `chosen` the one that was chosen by this link.
 */
final readonly class ClientPieces
{
    /**
     * @param list<ClientPiece> $pieces
     */
    private function __construct(
        public string $title,
        public array $pieces,
        public \DateTimeImmutable $openUntil,
        public ?string $chosen,
        public string $comment,
    ) {
    }

    public static function of(StoredOffer $offer): self
    {
        return new self(
            title: $offer->title,
            pieces: array_map(
                static fn (OfferedLook $l): ClientPiece => new ClientPiece($l->label, $l->name, new RawJson(Json::encode($l->painting))),
                OfferedLook::all($offer->looks),
            ),
            openUntil: $offer->expiresAt,
            chosen: $offer->choice,
            comment: $offer->comment,
        );
    }
}
