<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Scale;

use Inlaid\App\Device\BenchScale;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Scale\Data\LoadRequest;
use Inlaid\Core\Measure\WeightShown;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/scale', methods: 'PUT')]
#[Describe('Post the weight on the scale', takes: LoadRequest::class, gives: WeightShown::class)]
final readonly class PutOnScale
{
    public function __construct(private BenchScale $scale)
    {
    }

    public function __invoke(LoadRequest $load): WeightShown
    {
        return match (true) {
            null !== $load->more => $this->scale->pour($load->more),
            null !== $load->grams => $this->scale->put($load->grams),
            default => throw InvalidInput::at('/grams', 'Missing'),
        };
    }
}
