<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Offers;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Offers\Data\OfferList;
use Inlaid\App\Store\OfferBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/offers', methods: 'GET')]
#[Describe('List the client links to finished pieces that are open or were chosen from', gives: OfferList::class)]
final readonly class ListOffers
{
    public function __construct(private OfferBook $offers)
    {
    }

    public function __invoke(): OfferList
    {
        return OfferList::of($this->offers);
    }
}
