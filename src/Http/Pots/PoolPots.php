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

#[Route('/api/pots/pool', methods: 'POST')]
#[Describe('Combine pots, or pour some off', takes: PotsPooled::class, gives: PotOnShelf::class, status: 201, books: true)]
final readonly class PoolPots
{
    private const MOST = 12;

    public function __construct(
        private PotBook $pots,
        private DescribePots $describe,
        private MaterialShelf $shelf,
        private StudioContext $context,
    ) {
    }

    public function __invoke(Body $body, ?Booking $booking = null): PotOnShelf
    {
        $context = $this->context->own();

        [$make, $from, $add] = $body->read(function (Node $n) use ($context): array {
            $bench = BenchRequest::of($this->shelf->byId(), $context);
            [$name, $place, $useBy] = [
                $n->fields('name', 'place', 'useBy', 'from', 'add')->string('name', 120),
                $n->text('place', 120),
                $n->dayOrNull('useBy'),
            ];
            $from = [];
            foreach ($n->list(
                'from',
                static fn (Node $p): array => [
                    $p->fields('pot', 'amount')->id('pot'),
                    $p->has('amount') ? $bench->volume($p, 'amount') : null,
                ],
                self::MOST,
            ) as [$id, $ml]) {
                $from[$id] = $ml;
            }
            $add = $n->has('add') ? $bench->contents($n, 'add') : Contents::of([]);
            if ([] === $from) {
                $n->refuse('from', 'Choose a pot to pour from.');
            }
            $first = $this->pots->get((string) array_key_first($from));
            $make = static fn (string $id): StoredPot => new StoredPot(
                $id,
                $name,
                $first->document,
                new \DateTimeImmutable(),
                $place,
                $useBy ?? $first->useBy,
                $first->recipeId,
                $first->stepId,
            );

            return [$make, $from, $add];
        });

        return $this->describe->one(
            InvalidInput::around('/from', fn (): StoredPot => $this->pots->pool($make, $from, $add, $booking)),
            $context,
        );
    }
}
