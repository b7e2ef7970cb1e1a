<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Mixing\BenchRequest;
use Inlaid\App\Store\Booking;
use Inlaid\App\Store\Entity\StoredPot;
use Inlaid\App\Store\EntryKind;
use Inlaid\App\Store\PotBook;
use Inlaid\App\Store\StudioContext;
use Inlaid\Core\Stock\Account;

/**
 * Takes what a request says from a pot.
 */
final readonly class TakeFromPot
{
    public function __construct(private PotBook $pots, private DescribePots $describe, private StudioContext $context)
    {
    }

    public function take(string $id, Body $body, EntryKind $kind, Account $to, ?Booking $booking): PotOnShelf
    {
        $context = $this->context->own();
        [$ml, $note] = $body->read(static fn (Node $n): array => [
            $n->fields('amount', 'note')->has('amount') ? BenchRequest::of([], $context)->volume($n, 'amount') : null,
            $n->text('note', 400),
        ]);
        $pot = InvalidInput::around('/amount', fn (): StoredPot => $this->pots->take($id, $ml, $kind, $to, $note, $booking));

        return $this->describe->one($pot, $context);
    }
}
