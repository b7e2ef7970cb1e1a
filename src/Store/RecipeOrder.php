<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

/**
 * How the recipes of the book are sorted where no colour is looked for.
 */
enum RecipeOrder: string
{
    case Changed = 'changed';
    case Used = 'used';
    case Title = 'title';
}
