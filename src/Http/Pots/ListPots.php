<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\PageRequest;
use Inlaid\App\Http\Pots\Data\PotList;
use Inlaid\App\Store\PotBook;
use Inlaid\App\Studio\StudioContext;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/pots', methods: 'GET')]
#[Describe('List or search the pots', gives: PotList::class, query: ['query' => 'string', 'inStock' => 'boolean', 'page' => 'integer'])]
final readonly class ListPots
{
    public function __construct(private PotBook $pots, private DescribePots $describe, private StudioContext $context)
    {
    }

    public function __invoke(Request $request): PotList
    {
        $page = PageRequest::of($request);
        [$total, $pots] = $this->pots->search(
            $request->query->getString('query'),
            $request->query->has('inStock') ? $request->query->getBoolean('inStock') : null,
            $page,
        );

        return new PotList(total: $total, page: $page, size: PotBook::PAGE, pots: $this->describe->all($pots, $this->context->own()));
    }
}
