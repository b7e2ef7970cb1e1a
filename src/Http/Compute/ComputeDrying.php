<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadBench;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Compute\Data\DryingRequest;
use Inlaid\App\Http\Compute\Data\DryingResponse;
use Inlaid\Core\Drying\PredictDrying;
use Inlaid\Core\Mixing\DeriveCharacter;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/drying', methods: 'POST')]
#[Describe('Predict how a coat dries in a climate', takes: DryingRequest::class, gives: DryingResponse::class)]
final readonly class ComputeDrying
{
    public function __construct(
        private ReadContext $context,
        private DeriveCharacter $derive = new DeriveCharacter(),
        private PredictDrying $predict = new PredictDrying(),
    ) {
    }

    public function __invoke(DryingRequest $asked): DryingResponse
    {
        $context = $this->context->stated($asked->context);
        $mix = ReadBench::read($asked->materials, $asked->mixes, $context)->mix($asked->of);

        return new DryingResponse($this->predict->predict(
            $this->derive->derive($mix)->handling,
            $context->climate,
            $asked->ofNormal,
        ));
    }
}
