<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Preview;

use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\WorkedOut;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Preview\Data\PreviewRequest;
use Inlaid\App\Studio\StudioContext;
use Inlaid\Core\Preview\PreviewRecipe;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/preview', methods: 'POST')]
#[Describe('Calculate a recipe', takes: PreviewRequest::class, gives: WorkedOut::class)]
final readonly class PreviewController
{
    public function __construct(private ReadRecipe $read, private StudioContext $context, private PreviewRecipe $preview)
    {
    }

    public function __invoke(PreviewRequest $asked): WorkedOut
    {
        $recipe = $this->read->read($asked->document->json, '/document');
        [$context, $whole] = $this->context->with($asked->context?->json);

        return new WorkedOut($whole, $this->preview->preview($recipe, $context));
    }
}
