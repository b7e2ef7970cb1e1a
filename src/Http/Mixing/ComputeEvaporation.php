<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadBench;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Mixing\Data\EvaporationRequest;
use Inlaid\Core\MixBench\EvaporationPreview;
use Inlaid\Core\MixBench\PreviewEvaporation;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/evaporation', methods: 'POST')]
#[Describe('Calculate what evaporated from a closed pot', takes: EvaporationRequest::class, gives: EvaporationPreview::class)]
final readonly class ComputeEvaporation
{
    public function __construct(private ReadContext $context, private PreviewEvaporation $preview)
    {
    }

    public function __invoke(EvaporationRequest $asked): EvaporationPreview
    {
        $context = $this->context->stated($asked->context);
        $bench = ReadBench::read($asked->materials, [], $context);
        $pot = $bench->contents($asked->pot, '/pot');
        [$then, $now] = [$bench->grams($asked->then, '/then'), $bench->grams($asked->now, '/now')];
        $thinner = $bench->material($asked->thinner, '/thinner');

        return InvalidInput::around(
            '/now',
            fn (): EvaporationPreview => $this->preview->preview(pot: $pot, then: $then, now: $now, thinner: $thinner, context: $context),
        );
    }
}
