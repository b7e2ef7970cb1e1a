<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\ReadBoard;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Boards\Data\BoardRequest;
use Inlaid\Core\BoardPlan\BoardPreview;
use Inlaid\Core\BoardPlan\PreviewBoard;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/board', methods: 'POST')]
#[Describe('Calculate a sample board', takes: BoardRequest::class, gives: BoardPreview::class)]
final readonly class ComputeBoard
{
    public function __construct(private ReadBoard $read, private ReadContext $context, private PreviewBoard $preview)
    {
    }

    public function __invoke(BoardRequest $asked): BoardPreview
    {
        $board = $this->read->read($asked->document->json, '/document')->board;

        return $this->preview->preview($board, $this->context->stated($asked->context));
    }
}
