<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Shopping;

use Inlaid\App\Http\Api\Describe;
use Inlaid\Core\Purchase\ShoppingList;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/shopping', methods: 'GET')]
#[Describe('List what to buy for some recipes, in order', gives: ShoppingList::class, query: ['recipes' => 'string'])]
final readonly class ShowShopping
{
    public function __construct(private ReadShoppingRecipes $asked)
    {
    }

    public function __invoke(Request $request): ShoppingList
    {
        return $this->asked->list($request);
    }
}
