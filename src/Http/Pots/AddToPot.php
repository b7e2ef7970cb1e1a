<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadBench;
use Inlaid\App\Http\Pots\Data\AddToPotRequest;
use Inlaid\App\Http\Pots\Data\PotResponse;
use Inlaid\App\Store\Booking;
use Inlaid\App\Store\Entity\StoredPot;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\App\Store\PotBook;
use Inlaid\App\Studio\StudioContext;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/pots/{id}/add', methods: 'POST')]
#[Describe('Add to a pot', takes: AddToPotRequest::class, gives: PotResponse::class, books: true)]
final readonly class AddToPot
{
    public function __construct(
        private PotBook $pots,
        private DescribePots $describe,
        private MaterialShelf $shelf,
        private StudioContext $context,
    ) {
    }

    public function __invoke(string $id, AddToPotRequest $asked, ?Booking $booking = null): PotResponse
    {
        $context = $this->context->own();
        $pot = $this->pots->get($id);
        $more = ReadBench::of($this->pots->materials($pot) + $this->shelf->byId(), $context)->contents($asked->add, '/add');
        $pot = InvalidInput::around('/add', fn (): StoredPot => $this->pots->add($id, $more, $booking));

        return $this->describe->one($pot, $context);
    }
}
