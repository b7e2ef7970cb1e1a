<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
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

    public function __invoke(string $id, Body $body, Request $request): SharedLink
    {
        $days = $body->read(static fn (Node $n): int => $n->fields('days')->int('days', 14));
        [$share, $secret] = $this->shares->share($id, $days);

        return new SharedLink(
            $share->id,
            ('' === $this->guestDoor ? $request->getSchemeAndHttpHost() : rtrim($this->guestDoor, '/')).'/look/'.$secret,
            $share->expiresAt,
        );
    }
}
