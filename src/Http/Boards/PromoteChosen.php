<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Boards\Data\BoardResponse;
use Inlaid\App\Http\Boards\Data\PromotePatchRequest;
use Inlaid\App\Store\BoardBook;
use Inlaid\App\Studio\PatchPromoted;
use Inlaid\App\Studio\PromotePatch;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/boards/{id}/patches/{patch}/promotion', methods: 'POST')]
#[Describe(
    'Apply a patch to the draft of its recipe; 409 if the draft has changed',
    takes: PromotePatchRequest::class,
    gives: BoardResponse::class,
)]
final readonly class PromoteChosen
{
    public function __construct(private PromotePatch $promote, private BoardBook $boards, private DescribeBoards $describe)
    {
    }

    public function __invoke(string $id, string $patch, PromotePatchRequest $asked): BoardResponse
    {
        InvalidInput::around('/patch', fn (): PatchPromoted => $this->promote->promote(
            boardId: $id,
            patch: $patch,
            reason: trim($asked->reason),
            version: $asked->version,
            share: $asked->share,
        ));

        return $this->describe->one($this->boards->get($id));
    }
}
