<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadBench;
use Inlaid\App\Http\Pots\Data\EvaporatePotRequest;
use Inlaid\App\Http\Pots\Data\PotResponse;
use Inlaid\App\Store\Booking;
use Inlaid\App\Store\Entity\StoredPot;
use Inlaid\App\Store\PotBook;
use Inlaid\App\Studio\StudioContext;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/pots/{id}/evaporate', methods: 'POST')]
#[Describe('Record evaporation from a pot', takes: EvaporatePotRequest::class, gives: PotResponse::class, books: true)]
final readonly class EvaporateFromPot
{
    public function __construct(private PotBook $pots, private DescribePots $describe, private StudioContext $context)
    {
    }

    public function __invoke(string $id, EvaporatePotRequest $asked, ?Booking $booking = null): PotResponse
    {
        $context = $this->context->own();
        $bench = ReadBench::of($this->pots->materials($this->pots->get($id)), $context);
        $material = $bench->material($asked->material, '/material');
        $grams = $bench->grams($asked->grams, '/grams');
        $pot = InvalidInput::around(
            '/grams',
            fn (): StoredPot => $this->pots->evaporate(id: $id, materialId: $material->id, grams: $grams, booking: $booking),
        );

        return $this->describe->one($pot, $context);
    }
}
