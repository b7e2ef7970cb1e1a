<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Offers;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Offers\Data\ClientPieces;
use Inlaid\App\Store\OfferBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/choose/{secret}', name: 'choose', methods: 'GET')]
#[Describe('Show finished pieces over a client link', gives: ClientPieces::class)]
final readonly class ShowOffer
{
    public function __construct(private OfferBook $offers)
    {
    }

    public function __invoke(string $secret): ClientPieces
    {
        return ClientPieces::of($this->offers->open($secret));
    }
}
