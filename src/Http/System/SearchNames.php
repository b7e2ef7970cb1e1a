<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\System\Data\Names;
use Inlaid\App\Store\FindByName;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/names', methods: 'GET')]
#[Describe('Find jobs, boards, pots and materials by name', gives: Names::class, query: ['query' => 'string'])]
final readonly class SearchNames
{
    public function __construct(private FindByName $find)
    {
    }

    public function __invoke(Request $request): Names
    {
        return new Names($this->find->find($request->query->getString('query')));
    }
}
