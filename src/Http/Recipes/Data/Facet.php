<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes\Data;

/**
 * Something the recipes of a list can be told apart by, and how many have it.
 */
final readonly class Facet
{
    public function __construct(public string $key, public string $name, public int $count)
    {
    }
}
