<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Recipes;

use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Recipes\Data\CompareRequest;
use Inlaid\App\Http\Recipes\Data\Comparison;
use Inlaid\Core\Recipe\CompareRecipes;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/compare', methods: 'POST')]
#[Describe('Describe the differences between two recipe documents', takes: CompareRequest::class, gives: Comparison::class)]
final readonly class ComputeComparison
{
    public function __construct(private ReadRecipe $read, private CompareRecipes $compare)
    {
    }

    public function __invoke(CompareRequest $asked): Comparison
    {
        return new Comparison($this->compare->compare(
            $this->read->read($asked->before->json, '/before'),
            $this->read->read($asked->after->json, '/after'),
        ));
    }
}
