<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Pots\Data\PotResponse;
use Inlaid\App\Http\Pots\Data\TakeFromPotRequest;
use Inlaid\App\Store\Booking;
use Inlaid\App\Store\EntryKind;
use Inlaid\Core\Stock\Account;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/pots/{id}/use', methods: 'POST')]
#[Describe('Use some or all of a pot', takes: TakeFromPotRequest::class, gives: PotResponse::class, books: true)]
final readonly class UsePot
{
    public function __construct(private TakeFromPot $take)
    {
    }

    public function __invoke(string $id, TakeFromPotRequest $asked, ?Booking $booking = null): PotResponse
    {
        return $this->take->take(id: $id, asked: $asked, kind: EntryKind::Used, to: Account::used(), booking: $booking);
    }
}
