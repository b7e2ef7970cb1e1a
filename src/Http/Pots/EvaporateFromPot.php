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
use Inlaid\App\Store\PotBook;
use Inlaid\App\Store\StudioContext;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/pots/{id}/evaporate', methods: 'POST')]
#[Describe('Record evaporation from a pot', takes: Evaporated::class, gives: PotOnShelf::class, books: true)]
final readonly class EvaporateFromPot
{
    public function __construct(private PotBook $pots, private DescribePots $describe, private StudioContext $context)
    {
    }

    public function __invoke(string $id, Body $body, ?Booking $booking = null): PotOnShelf
    {
        $context = $this->context->own();
        $bench = BenchRequest::of($this->pots->materials($this->pots->get($id)), $context);
        [$material, $grams] = $body->read(static fn (Node $n): array => [
            $bench->material($n->fields('material', 'grams'), 'material'),
            $bench->grams($n, 'grams'),
        ]);
        $pot = InvalidInput::around('/grams', fn (): StoredPot => $this->pots->evaporate($id, $material->id, $grams, $booking));

        return $this->describe->one($pot, $context);
    }
}
