<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Finishes;

use Inlaid\App\Exchange\Catalogue\LoadFamilies;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Finishes\Data\Finish;
use Inlaid\App\Http\Finishes\Data\FinishesResponse;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/finishes', methods: 'GET')]
#[Describe('List the finishes that a recipe can begin with', gives: FinishesResponse::class)]
final readonly class ListFinishes
{
    public function __construct(private LoadFamilies $families)
    {
    }

    public function __invoke(): FinishesResponse
    {
        return new FinishesResponse(array_map(Finish::of(...), $this->families->load()));
    }
}
