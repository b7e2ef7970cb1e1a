<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\RunPhotos;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/run-photos/{id}', methods: 'GET')]
#[Describe('Show a bench photo', gives: Describe::PICTURE)]
final readonly class ShowRunPhoto
{
    public function __construct(private RunPhotos $photos)
    {
    }

    public function __invoke(string $id): Response
    {
        return new Response($this->photos->get($id)->bytes(), 200, ['Content-Type' => 'image/jpeg']);
    }
}
