<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadBench;
use Inlaid\App\Http\Pots\Data\CorrectPotRequest;
use Inlaid\App\Http\Pots\Data\PotResponse;
use Inlaid\App\Store\Booking;
use Inlaid\App\Store\Entity\StoredPot;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\App\Store\PotBook;
use Inlaid\App\Studio\StudioContext;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/pots/{id}/correct', methods: 'POST')]
#[Describe(
    'Pour some off into a new pot and add to the rest; both or neither',
    takes: CorrectPotRequest::class,
    gives: PotResponse::class,
    books: true,
)]
final readonly class CorrectPot
{
    public function __construct(
        private PotBook $pots,
        private DescribePots $describe,
        private MaterialShelf $shelf,
        private StudioContext $context,
    ) {
    }

    public function __invoke(string $id, CorrectPotRequest $asked, ?Booking $booking = null): PotResponse
    {
        $context = $this->context->own();
        $bench = ReadBench::of($this->pots->materials($this->pots->get($id)) + $this->shelf->byId(), $context);
        $ml = $bench->volume($asked->pourOff, '/pourOff');
        $add = $bench->contents($asked->add, '/add');
        $off = static fn (StoredPot $of, string $id): StoredPot => new StoredPot(
            id: $id,
            name: $asked->name,
            document: $of->document,
            madeAt: new \DateTimeImmutable(),
            place: $of->place,
            useBy: $of->useBy,
            recipeId: $of->recipeId,
            stepId: $of->stepId,
        );
        $pot = InvalidInput::around(
            '/pourOff',
            fn (): StoredPot => $this->pots->correct(id: $id, off: $off, ml: $ml, more: $add, booking: $booking),
        );

        return $this->describe->one($pot, $context);
    }
}
