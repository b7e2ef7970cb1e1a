<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Compute\ContextRequest;
use Inlaid\Core\MixBench\CorrectionPreview;
use Inlaid\Core\MixBench\PreviewCorrection;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/correct', methods: 'POST')]
#[Describe('Find what corrects a mix', takes: CorrectionRequest::class, gives: CorrectionPreview::class)]
final readonly class ComputeCorrection
{
    public function __construct(private ContextRequest $context, private PreviewCorrection $preview)
    {
    }

    public function __invoke(Body $body): CorrectionPreview
    {
        $context = $this->context->of($body);

        return $body->read(function (Node $n) use ($context): CorrectionPreview {
            $bench = BenchRequest::read($n->fields('materials', 'mixes', 'of', 'pot', 'holds', 'have', 'context'), $context);
            [$wanted, $pot, $have] = [$bench->mix($n, 'of'), $bench->contents($n, 'pot'), $bench->have($n)];
            $holds = $n->has('holds') ? $bench->volume($n, 'holds') : null;

            return $n->make(fn (): CorrectionPreview => $this->preview->preview($pot, $wanted, $holds, $have, $context), 'pot');
        });
    }
}
