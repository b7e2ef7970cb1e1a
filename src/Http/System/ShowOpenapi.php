<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\Openapi\DescribeApi;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/openapi.json', methods: 'GET')]
#[Describe('Show this description')]
final readonly class ShowOpenapi
{
    public function __construct(private DescribeApi $api)
    {
    }

    /**
     * @return array<string, mixed>
     */
    public function __invoke(): array
    {
        return $this->api->describe();
    }
}
