<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Picture\ReadColour;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\BoardBook;
use Inlaid\Core\Colour\CorrectedColour;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/photos/{id}/colour', methods: 'POST')]
#[Describe('Read a colour from a photo, corrected by a neutral reference in it', takes: ColourToPick::class, gives: CorrectedColour::class)]
final readonly class PickColour
{
    public function __construct(private BoardBook $boards, private ReadColour $read)
    {
    }

    public function __invoke(string $id, Body $body): CorrectedColour
    {
        $jpeg = $this->boards->photo($id)->bytes();

        return $body->read(fn (Node $n): \Closure => $this->read->read($n, $jpeg))();
    }
}
