<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\Entity\StoredPot;
use Inlaid\App\Store\PotBook;
use Inlaid\App\Store\StudioContext;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/pots', methods: 'GET')]
#[Describe('List the pots', gives: PotList::class)]
final readonly class ListPots
{
    public function __construct(private PotBook $pots, private StudioContext $context)
    {
    }

    public function __invoke(): PotList
    {
        [$context] = $this->context->with(null);

        return new PotList(array_map(fn (StoredPot $p): PotOnShelf => PotOnShelf::of($p, $this->pots, $context), $this->pots->all()));
    }
}
