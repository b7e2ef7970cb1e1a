<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\ShareBook;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/boards/{id}/shares', methods: 'POST')]
#[Describe('Create a client link to a board', takes: ShareToMake::class, gives: SharedLink::class, status: 201)]
final readonly class ShareBoard
{
    public function __construct(private ShareBook $shares, private string $guestDoor)
    {
    }

    public function __invoke(string $id, ShareToMake $asked, Request $request): SharedLink
    {
        [$share, $secret] = $this->shares->share($id, $asked->days);

        return new SharedLink(
            $share->id,
            ('' === $this->guestDoor ? $request->getSchemeAndHttpHost() : rtrim($this->guestDoor, '/')).'/look/'.$secret,
            $share->expiresAt,
        );
    }
}
