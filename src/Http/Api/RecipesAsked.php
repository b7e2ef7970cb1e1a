<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Store\RecipeOrder;
use Inlaid\App\Store\RecipeSearch;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\Lab;
use Symfony\Component\HttpFoundation\Request;

/**
 * What somebody looks for in the book.
 */
final class RecipesAsked
{
    /**
     * @throws InvalidInput if the colour is none
     */
    public static function of(Request $request): RecipeSearch
    {
        $text = static fn (string $of): string => $request->query->getString($of);
        $near = $text('near');

        return new RecipeSearch(
            query: $text('query'),
            archived: 'true' === $text('archived'),
            near: '' === $near ? null : InvalidInput::around('/near', static fn (): Lab => Lab::of(Colour::of($near))),
            wood: $text('wood'),
            how: $text('how'),
            order: RecipeOrder::tryFrom($text('order')) ?? RecipeOrder::Changed,
        );
    }
}
