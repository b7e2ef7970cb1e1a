<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Mixing\BenchRequest;
use Inlaid\App\Store\Booking;
use Inlaid\App\Store\Entity\StoredPot;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\App\Store\PotBook;
use Inlaid\App\Store\StudioContext;
use Inlaid\Core\Mixing\Contents;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/pots/{id}/add', methods: 'POST')]
#[Describe('Add to a pot', takes: AddedToPot::class, gives: PotOnShelf::class, books: true)]
final readonly class AddToPot
{
    public function __construct(
        private PotBook $pots,
        private DescribePots $describe,
        private MaterialShelf $shelf,
        private StudioContext $context,
    ) {
    }

    public function __invoke(string $id, Body $body, ?Booking $booking = null): PotOnShelf
    {
        $context = $this->context->own();
        $pot = $this->pots->get($id);
        $bench = BenchRequest::of($this->pots->materials($pot) + $this->shelf->byId(), $context);
        $more = $body->read(static fn (Node $n): Contents => $bench->contents($n->fields('add'), 'add'));
        $pot = InvalidInput::around('/add', fn (): StoredPot => $this->pots->add($id, $more, $booking));

        return $this->describe->one($pot, $context);
    }
}
