<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Hygrometer;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Hygrometer\Data\AirResponse;
use Inlaid\App\Studio\StudioContext;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/hygrometer', methods: 'GET')]
#[Describe('Show the climate of a place', gives: AirResponse::class, query: ['place' => 'string'])]
final readonly class ShowAir
{
    public function __construct(private ReadAir $read, private StudioContext $context)
    {
    }

    public function __invoke(Request $request): AirResponse
    {
        $place = $request->query->getString('place');

        return $this->read->read('' === $place ? null : $place, $this->context->own());
    }
}
