<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Looks;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Looks\Data\ClientBoardResponse;
use Inlaid\App\Store\ShareBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/looks/{secret}', name: 'look', methods: 'GET')]
#[Describe('Show a board over a client link', gives: ClientBoardResponse::class)]
final readonly class ShowLook
{
    public function __construct(private ShareBook $shares, private DescribeLook $describe)
    {
    }

    public function __invoke(string $secret): ClientBoardResponse
    {
        return $this->describe->describe($this->shares->open($secret));
    }
}
