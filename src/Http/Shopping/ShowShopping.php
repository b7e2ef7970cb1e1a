<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Shopping;

use Inlaid\App\Http\Api\Describe;
use Inlaid\Core\Purchase\ShoppingList;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/shopping', methods: 'GET')]
#[Describe('List what is to be bought for some recipes, one after the other', gives: ShoppingList::class, query: ['recipes' => 'string'])]
final readonly class ShowShopping
{
    public function __construct(private RecipesRequest $asked)
    {
    }

    public function __invoke(Request $request): ShoppingList
    {
        return $this->asked->list($request);
    }
}
