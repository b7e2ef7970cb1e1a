<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Mixing\BenchRequest;
use Inlaid\App\Store\Booking;
use Inlaid\App\Store\Entity\StoredPot;
use Inlaid\App\Store\PotBook;
use Inlaid\App\Store\StudioContext;
use Inlaid\Core\Mixing\DeriveCharacter;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/pots', methods: 'POST')]
#[Describe('Save a mix as a pot', takes: PotMixed::class, gives: PotOnShelf::class, status: 201, books: true)]
final readonly class MixPot
{
    public function __construct(
        private PotBook $pots,
        private DescribePots $describe,
        private StudioContext $context,
        private DeriveCharacter $derive,
    ) {
    }

    public function __invoke(Body $body, ?Booking $booking = null): PotOnShelf
    {
        $context = $this->context->own();

        [$make, $holds] = $body->read(function (Node $n) use ($context): array {
            $bench = BenchRequest::read(
                $n->fields('name', 'place', 'useBy', 'recipe', 'step', 'materials', 'mixes', 'of', 'holds'),
                $context,
            );
            [$wanted, $holds, $name, $place] = [
                $bench->mix($n, 'of'),
                $bench->contents($n, 'holds'),
                $n->string('name', 120),
                $n->text('place', 120),
            ];
            [$useBy, $recipe, $step] = [
                $n->dayOrNull('useBy'),
                $n->has('recipe') ? $n->id('recipe') : null,
                $n->has('step') ? $n->id('step') : null,
            ];
            $document = Json::encode([
                'materials' => $n->child('materials')->raw(),
                'mixes' => $n->childOrNull('mixes')?->raw() ?? [],
                'of' => $n->child('of')->raw(),
            ]);
            $life = $this->derive->derive($wanted)->handling->potLife;
            $now = new \DateTimeImmutable();
            $useBy ??= null === $life ? null : $now->add(new \DateInterval("PT{$life}M"));

            return [
                static fn (string $id): StoredPot => new StoredPot($id, $name, $document, $now, $place, $useBy, $recipe, $step),
                $holds,
            ];
        });

        return $this->describe->one(
            InvalidInput::around('/holds', fn (): StoredPot => $this->pots->mix($make, $holds, $booking)),
            $context,
        );
    }
}
