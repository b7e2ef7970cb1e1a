<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Offers\Data;

use Inlaid\App\Store\Entity\StoredOffer;
use Inlaid\App\Store\OfferBook;

/**
 * What clients were shown, the newest first.
 */
final readonly class OfferList
{
    /**
     * @param list<OfferSummary> $offers
     */
    private function __construct(public array $offers)
    {
    }

    public static function of(OfferBook $book): self
    {
        return new self(array_map(static fn (StoredOffer $o): OfferSummary => OfferSummary::of($o), $book->latest()));
    }
}
