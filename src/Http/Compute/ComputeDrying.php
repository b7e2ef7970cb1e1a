<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\Core\Drying\PredictDrying;
use Inlaid\Core\Mixing\DeriveCharacter;
use Inlaid\Core\Mixing\FlattenMix;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/drying', methods: 'POST')]
#[Describe('Predict how a coat dries in a climate', takes: DryingRequest::class, gives: DryingResponse::class)]
final readonly class ComputeDrying
{
    public function __construct(
        private ContextRequest $context,
        private FlattenMix $flatten = new FlattenMix(),
        private DeriveCharacter $derive = new DeriveCharacter(),
        private PredictDrying $predict = new PredictDrying(),
    ) {
    }

    public function __invoke(Body $body): DryingResponse
    {
        $context = $this->context->of($body);

        return $body->read(function (Node $n) use ($context): DryingResponse {
            $n->fields('materials', 'mixes', 'of', 'ofNormal', 'context');
            $ofNormal = $n->floatOrNull('ofNormal') ?? 1.0;
            if ($ofNormal < 0.0 || $ofNormal > 10.0) {
                $n->refuse('ofNormal', 'Enter 0 to 10');
            }

            return new DryingResponse($this->predict->predict(
                $this->derive->derive($this->flatten->flatten(MixRequest::read($n)))->handling,
                $context->climate,
                $ofNormal,
            ));
        });
    }
}
