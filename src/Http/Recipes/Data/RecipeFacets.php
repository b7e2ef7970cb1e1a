<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes\Data;

/**
 * What the recipes of the book, or the archived ones, can be told apart by.
 */
final readonly class RecipeFacets
{
    /**
     * @param list<Facet> $woods
     * @param list<Facet> $ways  the techniques that colour them
     */
    public function __construct(public array $woods, public array $ways)
    {
    }
}
