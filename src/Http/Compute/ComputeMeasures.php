<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadBench;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Compute\Data\MeasuresRequest;
use Inlaid\App\Http\Compute\Data\MeasuresResponse;
use Inlaid\Core\Batch\PourBatch;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/measures', methods: 'POST')]
#[Describe('Find the smallest batch your measuring tools can measure', takes: MeasuresRequest::class, gives: MeasuresResponse::class)]
final readonly class ComputeMeasures
{
    public function __construct(
        private ReadContext $context,
        private PourBatch $pour = new PourBatch(),
    ) {
    }

    public function __invoke(MeasuresRequest $asked): MeasuresResponse
    {
        $context = $this->context->stated($asked->context);
        $bench = ReadBench::read($asked->materials, $asked->mixes, $context);
        $mix = $bench->mix($asked->of);
        $need = $bench->quantity($asked->need, '/need')->amount;

        return InvalidInput::around('/need', fn (): MeasuresResponse => new MeasuresResponse($this->pour->measured($mix, $need, $context)));
    }
}
