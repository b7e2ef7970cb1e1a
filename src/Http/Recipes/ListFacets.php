<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Recipes\Data\Facet;
use Inlaid\App\Http\Recipes\Data\RecipeFacets;
use Inlaid\App\Store\IndexRecipe;
use Inlaid\App\Store\RecipeBook;
use Inlaid\Core\Technique\Techniques;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/recipe-facets', methods: 'GET')]
#[Describe(
    'List the woods and finishes of the book, or of the archived recipes',
    gives: RecipeFacets::class,
    query: ['archived' => 'boolean'],
)]
final readonly class ListFacets
{
    public function __construct(private RecipeBook $book, private Techniques $techniques)
    {
    }

    public function __invoke(Request $request): RecipeFacets
    {
        $archived = 'true' === $request->query->getString('archived');

        return new RecipeFacets(
            woods: self::facets($this->book->facets(IndexRecipe::WOOD, $archived), static fn (string $wood): string => $wood),
            ways: self::facets(
                $this->book->facets(IndexRecipe::HOW, $archived),
                fn (string $key): string => $this->techniques->named($key)->name(),
            ),
        );
    }

    /**
     * @param array<string, int>       $counted
     * @param \Closure(string): string $name
     *
     * @return list<Facet>
     */
    private static function facets(array $counted, \Closure $name): array
    {
        return array_map(
            static fn (string|int $key, int $count): Facet => new Facet((string) $key, $name((string) $key), $count),
            array_keys($counted),
            $counted,
        );
    }
}
