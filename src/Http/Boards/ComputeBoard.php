<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadBoard;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\StudioContext;
use Inlaid\Core\BoardPlan\BoardPreview;
use Inlaid\Core\BoardPlan\PreviewBoard;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/board', methods: 'POST')]
#[Describe('Calculate a sample board', takes: BoardRequest::class, gives: BoardPreview::class)]
final readonly class ComputeBoard
{
    public function __construct(private ReadBoard $read, private StudioContext $context, private PreviewBoard $preview)
    {
    }

    public function __invoke(Body $body): BoardPreview
    {
        [$document, $stated] = $body->read(static fn (Node $n): array => [
            $n->fields('document', 'context')->child('document')->raw(),
            $n->childOrNull('context')?->raw(),
        ]);

        return $this->preview->preview($this->read->read($document, '/document')->board, $this->context->with($stated)[0]);
    }
}
