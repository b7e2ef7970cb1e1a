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
#[Describe('Find the smallest batch that can be measured with the measures at hand', takes: MeasuresAsked::class, gives: MeasuresFound::class)]
final readonly class ComputeMeasures
{
    public function __construct(private ContextAsked $context, private FlattenMix $flatten = new FlattenMix(), private PourBatch $pour = new PourBatch())
    {
    }

    public function __invoke(Body $body): MeasuresFound
    {
        $context = $this->context->of($body);

        return $body->read(fn (Node $n): MeasuresFound => $n->fields('materials', 'mixes', 'of', 'need', 'context')->make(
            fn (): MeasuresFound => new MeasuresFound($this->pour->measured($this->flatten->flatten(MixAsked::read($n)), AmountAsked::read($n, 'need', $context)->amount, $context)),
            'need',
        ));
    }
}
