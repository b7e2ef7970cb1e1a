<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadBench;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Compute\Data\CalculateMixRequest;
use Inlaid\Core\MixBench\MixPreview;
use Inlaid\Core\MixBench\PreviewMix;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/mix', methods: 'POST')]
#[Describe('Calculate a mix for an amount, or for all of one ingredient', takes: CalculateMixRequest::class, gives: MixPreview::class)]
final readonly class ComputeMix
{
    public function __construct(private ReadContext $context, private PreviewMix $preview)
    {
    }

    public function __invoke(CalculateMixRequest $asked): MixPreview
    {
        $context = $this->context->stated($asked->context)->measuring($asked->by);
        $bench = ReadBench::read($asked->materials, $asked->mixes, $context);
        $of = $bench->named($asked->of);
        $all = $asked->allOf;
        if (null !== $all) {
            $have = $bench->quantity($all->have, '/allOf/have');

            return InvalidInput::around(
                '/allOf/have',
                fn (): MixPreview => $this->preview->fromAllOf(of: $of, materialId: $all->material, have: $have, context: $context),
            );
        }
        if (null === $asked->amount) {
            throw InvalidInput::at('/amount', 'Missing');
        }
        $yield = $bench->volume($asked->amount, '/amount');

        return InvalidInput::around('/amount', fn (): MixPreview => $this->preview->toYield($of, $yield, $context));
    }
}
