<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\System\Data\UsualNextResponse;
use Inlaid\App\Studio\UsualNext;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/techniques/next', methods: 'GET')]
#[Describe('List what usually comes after each technique, the painter\'s own habits first', gives: UsualNextResponse::class)]
final readonly class ShowUsualNext
{
    public function __construct(private UsualNext $next)
    {
    }

    public function __invoke(): UsualNextResponse
    {
        return new UsualNextResponse($this->next->all());
    }
}
