<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\PageRequest;
use Inlaid\App\Http\Runs\Data\RunList;
use Inlaid\App\Store\RunBook;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs', methods: 'GET')]
#[Describe(
    'List jobs, page by page; of one recipe; or all in progress',
    gives: RunList::class,
    query: ['page' => 'integer', 'archived' => 'boolean', 'recipe' => 'string', 'bench' => 'boolean'],
)]
final readonly class ListRuns
{
    public function __construct(private RunBook $runs, private DescribeRuns $describe)
    {
    }

    public function __invoke(Request $request): RunList
    {
        $page = PageRequest::of($request);
        $recipe = $request->query->getString('recipe');
        if ($request->query->getBoolean('bench')) {
            $runs = $this->runs->onBench();
            [$page, $total] = [1, \count($runs)];
        } else {
            [$total, $runs] = $this->runs->page($page, $request->query->getBoolean('archived'), '' === $recipe ? null : $recipe);
        }

        return new RunList(total: $total, page: $page, size: RunBook::PAGE, runs: array_map($this->describe->summary(...), $runs));
    }
}
