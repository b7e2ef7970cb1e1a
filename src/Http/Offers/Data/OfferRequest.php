<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Offers\Data;

use Inlaid\App\Http\Api\Field\Length;
use Inlaid\App\Http\Api\Field\Most;
use Inlaid\App\Store\OfferBook;

/**
 * Finished pieces that a client is to choose from, and for how many days the link is open.
 */
final readonly class OfferRequest
{
    /**
     * @param list<OfferedRequest> $looks
     */
    public function __construct(#[Length(120)] public string $title, #[Most(OfferBook::MOST)] public array $looks, public int $days = 14)
    {
    }
}
