<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes;

use Inlaid\App\Exchange\RawJson;

/**
 * A recipe to be kept.
 */
final readonly class NewRecipe
{
    /**
     * @param RawJson $document schema recipe
     */
    public function __construct(public RawJson $document)
    {
    }
}
