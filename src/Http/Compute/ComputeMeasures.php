<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\Core\Batch\PourBatch;
use Inlaid\Core\Mixing\FlattenMix;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/measures', methods: 'POST')]
#[Describe('Find the smallest batch your measuring tools can measure', takes: MeasuresRequest::class, gives: MeasuresResponse::class)]
final readonly class ComputeMeasures
{
    public function __construct(
        private ContextRequest $context,
        private FlattenMix $flatten = new FlattenMix(),
        private PourBatch $pour = new PourBatch(),
    ) {
    }

    public function __invoke(Body $body): MeasuresResponse
    {
        $context = $this->context->of($body);

        return $body->read(fn (Node $n): MeasuresResponse => $n->fields('materials', 'mixes', 'of', 'need', 'context')->make(
            fn (): MeasuresResponse => new MeasuresResponse($this->pour->measured(
                $this->flatten->flatten(MixRequest::read($n)),
                AmountRequest::read($n, 'need', $context)->amount,
                $context,
            )),
            'need',
        ));
    }
}
