<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Compute\ContextRequest;
use Inlaid\Core\MixBench\LadderPreview;
use Inlaid\Core\MixBench\PreviewLadder;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/ladder', methods: 'POST')]
#[Describe('Make a strength ladder between two mixes', takes: LadderRequest::class, gives: LadderPreview::class)]
final readonly class ComputeLadder
{
    public function __construct(private ContextRequest $context, private PreviewLadder $preview)
    {
    }

    public function __invoke(Body $body): LadderPreview
    {
        $context = $this->context->of($body);

        return $body->read(function (Node $n) use ($context): LadderPreview {
            $bench = BenchRequest::read($n->fields('materials', 'mixes', 'from', 'to', 'rungs', 'each', 'context'), $context);
            [$from, $to, $each, $rungs] = [$bench->mix($n, 'from'), $bench->mix($n, 'to'), $bench->volume($n, 'each'), $n->int('rungs')];

            return $n->make(fn (): LadderPreview => $this->preview->preview($from, $to, $rungs, $each, $context), 'rungs');
        });
    }
}
