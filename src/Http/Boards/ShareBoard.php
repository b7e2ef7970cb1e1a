<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Http\Api\ClientAddress;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Boards\Data\ShareBoardRequest;
use Inlaid\App\Http\Boards\Data\ShareBoardResponse;
use Inlaid\App\Store\ShareBook;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/boards/{id}/shares', methods: 'POST')]
#[Describe('Create a client link to a board', takes: ShareBoardRequest::class, gives: ShareBoardResponse::class, status: 201)]
final readonly class ShareBoard
{
    public function __construct(private ShareBook $shares, private ClientAddress $address)
    {
    }

    public function __invoke(string $id, ShareBoardRequest $asked, Request $request): ShareBoardResponse
    {
        [$share, $secret] = $this->shares->share($id, $asked->days);

        return new ShareBoardResponse(
            $share->id,
            $this->address->of('/look/'.$secret, $request),
            $share->expiresAt,
        );
    }
}
