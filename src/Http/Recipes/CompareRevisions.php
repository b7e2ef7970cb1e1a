<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes;

use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\Problem;
use Inlaid\App\Http\Recipes\Data\Comparison;
use Inlaid\App\Store\RecipeBook;
use Inlaid\Core\Recipe\CompareRecipes;
use Inlaid\Core\Recipe\Recipe;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/recipes/{id}/compare', methods: 'GET')]
#[Describe(
    'Describe the changes between two revisions; "draft" is the draft',
    gives: Comparison::class,
    query: ['from' => 'string', 'to' => 'string'],
)]
final readonly class CompareRevisions
{
    public function __construct(private RecipeBook $book, private ReadRecipe $read, private CompareRecipes $compare)
    {
    }

    public function __invoke(string $id, Request $request): Comparison
    {
        return new Comparison($this->compare->compare(
            $this->recipe($id, $request->query->getString('from')),
            $this->recipe($id, $request->query->getString('to', 'draft')),
        ));
    }

    private function recipe(string $id, string $which): Recipe
    {
        if ('draft' !== $which && 1 !== preg_match('/^\d{1,9}$/', $which)) {
            throw new Problem(400, 'which-revision', 'Enter a revision number, or "draft"');
        }
        $text = 'draft' === $which ? $this->book->get($id)->draft->document : $this->book->revision($id, (int) $which)->document;

        return $this->read->read(Json::decode($text));
    }
}
