<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Compute\ContextRequest;
use Inlaid\Core\MixBench\EvaporationPreview;
use Inlaid\Core\MixBench\PreviewEvaporation;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/evaporation', methods: 'POST')]
#[Describe('Calculate what evaporated from a closed pot', takes: EvaporationRequest::class, gives: EvaporationPreview::class)]
final readonly class ComputeEvaporation
{
    public function __construct(private ContextRequest $context, private PreviewEvaporation $preview)
    {
    }

    public function __invoke(Body $body): EvaporationPreview
    {
        $context = $this->context->of($body);

        return $body->read(function (Node $n) use ($context): EvaporationPreview {
            $bench = BenchRequest::read($n->fields('materials', 'pot', 'then', 'now', 'thinner', 'context'), $context);
            [$pot, $then, $now, $thinner] = [
                $bench->contents($n, 'pot'),
                $bench->grams($n, 'then'),
                $bench->grams($n, 'now'),
                $bench->material($n, 'thinner'),
            ];

            return $n->make(fn (): EvaporationPreview => $this->preview->preview($pot, $then, $now, $thinner, $context), 'now');
        });
    }
}
