<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Looks;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Looks\Data\ChoosePatchRequest;
use Inlaid\App\Http\Looks\Data\ClientBoardResponse;
use Inlaid\App\Store\Entity\StoredShare;
use Inlaid\App\Store\ShareBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/looks/{secret}/choice', name: 'look_choice', methods: 'POST')]
#[Describe('Choose a patch over a client link; once', takes: ChoosePatchRequest::class, gives: ClientBoardResponse::class)]
final readonly class ChooseLook
{
    public function __construct(private ShareBook $shares, private DescribeLook $describe)
    {
    }

    public function __invoke(string $secret, Body $body): ClientBoardResponse
    {
        $this->shares->open($secret); // whoever has no link learns nothing of what one takes
        $chosen = $body->as(ChoosePatchRequest::class);

        return $this->describe->describe(InvalidInput::around(
            '/patch',
            fn (): StoredShare => $this->shares->choose($secret, $chosen->patch, $chosen->comment),
        ));
    }
}
