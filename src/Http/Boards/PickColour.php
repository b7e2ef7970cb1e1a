<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Boards\Data\PickColourRequest;
use Inlaid\App\Store\BoardBook;
use Inlaid\Core\Colour\CorrectedColour;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/photos/{id}/colour', methods: 'POST')]
#[Describe(
    'Read a colour from a photo, corrected by a neutral reference in it',
    takes: PickColourRequest::class,
    gives: CorrectedColour::class,
)]
final readonly class PickColour
{
    public function __construct(private BoardBook $boards, private ReadColour $read)
    {
    }

    public function __invoke(string $id, PickColourRequest $asked): CorrectedColour
    {
        return $this->read->read($asked, $this->boards->photo($id)->bytes());
    }
}
