<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Recipes\Comparison;
use Inlaid\Core\Recipe\CompareRecipes;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/compare', methods: 'POST')]
#[Describe('Describe the differences between two recipe documents', takes: CompareRequest::class, gives: Comparison::class)]
final readonly class ComputeComparison
{
    public function __construct(private ReadRecipe $read, private CompareRecipes $compare)
    {
    }

    public function __invoke(Body $body): Comparison
    {
        [$before, $after] = $body->read(static fn (Node $n): array => [
            $n->fields('before', 'after')->child('before')->raw(),
            $n->child('after')->raw(),
        ]);

        return new Comparison($this->compare->compare($this->read->read($before, '/before'), $this->read->read($after, '/after')));
    }
}
