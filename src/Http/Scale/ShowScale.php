<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Scale;

use Inlaid\App\Device\BenchScale;
use Inlaid\App\Http\Api\Describe;
use Inlaid\Core\Measure\WeightShown;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/scale', methods: 'GET')]
#[Describe('Show the weight on the scale', gives: WeightShown::class)]
final readonly class ShowScale
{
    public function __construct(private BenchScale $scale)
    {
    }

    public function __invoke(): WeightShown
    {
        return $this->scale->read();
    }
}
