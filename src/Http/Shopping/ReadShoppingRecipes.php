<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Shopping;

use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Http\Api\Problem;
use Inlaid\App\Store\RecipeBook;
use Inlaid\App\Studio\StudioContext;
use Inlaid\Core\Purchase\ListShopping;
use Inlaid\Core\Purchase\ShoppingList;
use Symfony\Component\HttpFoundation\Request;

/**
 * The shopping list of the recipes an address names: `recipes`, their ids with commas between them, in the order they are done.
 */
final readonly class ReadShoppingRecipes
{
    private const MOST = 40;

    public function __construct(
        private RecipeBook $book,
        private ReadRecipe $read,
        private StudioContext $context,
        private ListShopping $list,
    ) {
    }

    public function list(Request $request): ShoppingList
    {
        $ids = array_values(array_unique(array_filter(explode(',', $request->query->getString('recipes')))));
        if (\count($ids) > self::MOST) {
            throw new Problem(400, 'too-many-recipes', \sprintf('Choose %d recipes or fewer', self::MOST));
        }
        $context = $this->context->own();

        return $this->list->list(
            array_map(fn (string $id) => $this->read->read(Json::decode($this->book->get($id)->draft->document)), $ids),
            $context,
        );
    }
}
