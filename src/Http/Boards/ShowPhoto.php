<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\BoardBook;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/photos/{id}', methods: 'GET')]
#[Describe('Show a photo', gives: Describe::PICTURE)]
final readonly class ShowPhoto
{
    public function __construct(private BoardBook $boards)
    {
    }

    public function __invoke(string $id): Response
    {
        return new Response($this->boards->photo($id)->bytes(), 200, ['Content-Type' => 'image/jpeg']);
    }
}
