<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\ReadBench;
use Inlaid\App\Http\Pots\Data\PotResponse;
use Inlaid\App\Http\Pots\Data\TakeFromPotRequest;
use Inlaid\App\Store\Booking;
use Inlaid\App\Store\Entity\StoredPot;
use Inlaid\App\Store\EntryKind;
use Inlaid\App\Store\PotBook;
use Inlaid\App\Studio\StudioContext;
use Inlaid\Core\Stock\Account;

/**
 * Takes what a request says from a pot.
 */
final readonly class TakeFromPot
{
    public function __construct(private PotBook $pots, private DescribePots $describe, private StudioContext $context)
    {
    }

    public function take(string $id, TakeFromPotRequest $asked, EntryKind $kind, Account $to, ?Booking $booking): PotResponse
    {
        $context = $this->context->own();
        $ml = null === $asked->amount ? null : ReadBench::of([], $context)->volume($asked->amount, '/amount');
        $pot = InvalidInput::around(
            '/amount',
            fn (): StoredPot => $this->pots->take(id: $id, ml: $ml, kind: $kind, to: $to, note: $asked->note, booking: $booking),
        );

        return $this->describe->one($pot, $context);
    }
}
