<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Exchange\Picture\TakePicture;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadRequest;
use Inlaid\App\Http\Boards\Data\PickColourRequest;
use Inlaid\Core\Colour\CorrectedColour;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/photo-colour', methods: 'POST')]
#[Describe(
    'Read a colour from a photo in the body, which isn\'t stored; `asked` in the query is the place, as JSON',
    takes: Describe::PICTURE,
    gives: CorrectedColour::class,
)]
final readonly class ComputePhotoColour
{
    public function __construct(private TakePicture $take, private ReadColour $read, private ReadRequest $request)
    {
    }

    public function __invoke(Request $request): CorrectedColour
    {
        try {
            $picture = $this->take->take($request->getContent());
            $asked = Json::decode($request->query->getString('asked', '{}'));
        } catch (\JsonException) {
            throw InvalidInput::at('/asked', 'This isn\'t JSON.');
        }

        return $this->read->read($this->request->read($asked, PickColourRequest::class, '/asked'), $picture->jpeg, '/asked');
    }
}
