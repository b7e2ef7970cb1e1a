<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadBench;
use Inlaid\App\Http\Pots\Data\PoolPotsRequest;
use Inlaid\App\Http\Pots\Data\PotResponse;
use Inlaid\App\Store\Booking;
use Inlaid\App\Store\Entity\StoredPot;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\App\Store\PotBook;
use Inlaid\App\Studio\StudioContext;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/pots/pool', methods: 'POST')]
#[Describe('Combine pots, or pour some off', takes: PoolPotsRequest::class, gives: PotResponse::class, status: 201, books: true)]
final readonly class PoolPots
{
    public function __construct(
        private PotBook $pots,
        private DescribePots $describe,
        private MaterialShelf $shelf,
        private StudioContext $context,
    ) {
    }

    public function __invoke(PoolPotsRequest $asked, ?Booking $booking = null): PotResponse
    {
        $context = $this->context->own();
        $bench = ReadBench::of($this->shelf->byId(), $context);
        $from = [];
        foreach ($asked->from as $i => $of) {
            $from[$of->pot] = null === $of->amount ? null : $bench->volume($of->amount, "/from/$i/amount");
        }
        $add = $bench->contents($asked->add, '/add');
        if ([] === $from) {
            throw InvalidInput::at('/from', 'Choose a pot to pour from.');
        }
        $first = $this->pots->get((string) array_key_first($from));
        $make = static fn (string $id): StoredPot => new StoredPot(
            id: $id,
            name: $asked->name,
            document: $first->document,
            madeAt: new \DateTimeImmutable(),
            place: $asked->place,
            useBy: $asked->useBy ?? $first->useBy,
            recipeId: $first->recipeId,
            stepId: $first->stepId,
        );

        return $this->describe->one(
            InvalidInput::around('/from', fn (): StoredPot => $this->pots->pool(pot: $make, from: $from, more: $add, booking: $booking)),
            $context,
        );
    }
}
