<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Offers;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Offers\Data\OfferList;
use Inlaid\App\Store\OfferBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/offers/{id}/revoke', methods: 'POST')]
#[Describe('Close a client link to finished pieces', gives: OfferList::class)]
final readonly class RevokeOffer
{
    public function __construct(private OfferBook $offers)
    {
    }

    public function __invoke(string $id): OfferList
    {
        $this->offers->revoke($id);

        return OfferList::of($this->offers);
    }
}
