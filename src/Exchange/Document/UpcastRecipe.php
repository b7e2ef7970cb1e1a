<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

/**
 * Brings a recipe document of an older version to the present one, before it is read.
 *
 * Version 1 is the first; a later one adds its step here and keeps a golden file of the version before.
 */
final class UpcastRecipe
{
    public const FORMAT = 'inlaid-recipe';
    public const VERSION = 1;

    public function upcast(mixed $json): mixed
    {
        return $json;
    }
}
