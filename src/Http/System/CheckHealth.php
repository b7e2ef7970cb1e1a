<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System;

use Doctrine\DBAL\Connection;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\Problem;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/health', name: 'health', methods: 'GET')]
#[Describe('Say whether program and store are well', gives: Health::class)]
final readonly class CheckHealth
{
    public function __construct(private Connection $connection)
    {
    }

    public function __invoke(): Health
    {
        try {
            $this->connection->fetchOne('SELECT COUNT(*) FROM recipe');
        } catch (\Throwable) {
            throw new Problem(503, 'no-store', 'The store cannot be read.');
        }

        return new Health('well', 'readable');
    }
}
