<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Api\ReadBench;
use Inlaid\App\Http\Pots\Data\MixPotRequest;
use Inlaid\App\Http\Pots\Data\PotResponse;
use Inlaid\App\Store\Booking;
use Inlaid\App\Store\Entity\StoredPot;
use Inlaid\App\Store\PotBook;
use Inlaid\App\Studio\StudioContext;
use Inlaid\Core\Mixing\DeriveCharacter;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/pots', methods: 'POST')]
#[Describe('Save a mix as a pot', takes: MixPotRequest::class, gives: PotResponse::class, status: 201, books: true)]
final readonly class MixPot
{
    public function __construct(
        private PotBook $pots,
        private DescribePots $describe,
        private StudioContext $context,
        private DeriveCharacter $derive,
    ) {
    }

    public function __invoke(MixPotRequest $asked, ?Booking $booking = null): PotResponse
    {
        $context = $this->context->own();
        $bench = ReadBench::read($asked->materials, $asked->mixes, $context);
        $wanted = $bench->mix($asked->of);
        $holds = $bench->contents($asked->holds, '/holds');
        $json = static fn (Document $d): mixed => $d->json;
        $document = Json::encode([
            'materials' => array_map($json, $asked->materials),
            'mixes' => array_map($json, $asked->mixes),
            'of' => $asked->of->json,
        ]);
        $now = new \DateTimeImmutable();
        $life = $this->derive->derive($wanted)->handling->potLife;
        $useBy = $asked->useBy ?? (null === $life ? null : $now->add(new \DateInterval("PT{$life}M")));
        $make = static fn (string $id): StoredPot => new StoredPot(
            id: $id,
            name: $asked->name,
            document: $document,
            madeAt: $now,
            place: $asked->place,
            useBy: $useBy,
            recipeId: $asked->recipe,
            stepId: $asked->step,
        );

        return $this->describe->one(
            InvalidInput::around('/holds', fn (): StoredPot => $this->pots->mix($make, $holds, $booking)),
            $context,
        );
    }
}
