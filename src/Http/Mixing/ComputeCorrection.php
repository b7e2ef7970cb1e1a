<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadBench;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Mixing\Data\CorrectionRequest;
use Inlaid\Core\MixBench\CorrectionPreview;
use Inlaid\Core\MixBench\PreviewCorrection;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/correct', methods: 'POST')]
#[Describe('Find what corrects a mix', takes: CorrectionRequest::class, gives: CorrectionPreview::class)]
final readonly class ComputeCorrection
{
    public function __construct(private ReadContext $context, private PreviewCorrection $preview)
    {
    }

    public function __invoke(CorrectionRequest $asked): CorrectionPreview
    {
        $context = $this->context->stated($asked->context);
        $bench = ReadBench::read($asked->materials, $asked->mixes, $context);
        $wanted = $bench->mix($asked->of);
        $pot = $bench->contents($asked->pot, '/pot');
        $have = $bench->have($asked->have);
        $holds = null === $asked->holds ? null : $bench->volume($asked->holds, '/holds');

        return InvalidInput::around(
            '/pot',
            fn (): CorrectionPreview => $this->preview->preview(pot: $pot, wanted: $wanted, holds: $holds, have: $have, context: $context),
        );
    }
}
