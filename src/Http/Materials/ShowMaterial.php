<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Materials;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Materials\Data\MaterialResponse;
use Inlaid\App\Store\MaterialShelf;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/materials/{id}', methods: 'GET')]
#[Describe('Show a material', gives: MaterialResponse::class)]
final readonly class ShowMaterial
{
    public function __construct(private MaterialShelf $shelf)
    {
    }

    public function __invoke(string $id): MaterialResponse
    {
        return MaterialResponse::of($this->shelf->get($id));
    }
}
