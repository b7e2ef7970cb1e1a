<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Offers;

use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Offers\Data\ChoosePieceRequest;
use Inlaid\App\Http\Offers\Data\ClientPieces;
use Inlaid\App\Store\OfferBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/choose/{secret}/choice', name: 'choose_choice', methods: 'POST')]
#[Describe('Choose a finished piece over a client link; once', takes: ChoosePieceRequest::class, gives: ClientPieces::class)]
final readonly class ChoosePiece
{
    public function __construct(private OfferBook $offers)
    {
    }

    public function __invoke(string $secret, Body $body): ClientPieces
    {
        $this->offers->open($secret); // whoever has no link learns nothing of what one takes
        $chosen = $body->as(ChoosePieceRequest::class);

        return ClientPieces::of($this->offers->choose(secret: $secret, label: $chosen->label, comment: $chosen->comment));
    }
}
