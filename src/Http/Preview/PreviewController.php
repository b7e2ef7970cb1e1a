<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Preview;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\WorkedOut;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\StudioContext;
use Inlaid\Core\Preview\PreviewRecipe;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/preview', methods: 'POST')]
#[Describe('Calculate a recipe', takes: PreviewRequest::class, gives: WorkedOut::class)]
final readonly class PreviewController
{
    public function __construct(private ReadRecipe $read, private StudioContext $context, private PreviewRecipe $preview)
    {
    }

    public function __invoke(Body $body): WorkedOut
    {
        [$document, $stated] = $body->read(static fn (Node $n): array => [
            $n->fields('document', 'context')->child('document')->raw(),
            $n->childOrNull('context')?->raw(),
        ]);
        $recipe = $this->read->read($document, '/document');
        [$context, $whole] = $this->context->with($stated);

        return new WorkedOut($whole, $this->preview->preview($recipe, $context));
    }
}
