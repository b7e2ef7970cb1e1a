<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Exchange\Picture\ReadPoints;
use Inlaid\App\Exchange\Picture\TakePicture;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadRequest;
use Inlaid\App\Http\Boards\Data\PhotoColours;
use Inlaid\App\Http\Boards\Data\PhotoColoursRequest;
use Inlaid\Core\Colour\FindSeenColours;
use Inlaid\Core\Colour\Light;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/photo-colours', methods: 'POST')]
#[Describe(
    'Find the few colours of a photo in the body, which isn\'t stored; `asked` in the query is where a reference is, as JSON',
    takes: Describe::PICTURE,
    gives: PhotoColours::class,
)]
final readonly class ComputePhotoColours
{
    public function __construct(
        private TakePicture $take,
        private ReadRequest $request,
        private FindSeenColours $find,
        private ReadColour $read,
        private ReadPoints $points = new ReadPoints(),
    ) {
    }

    public function __invoke(Request $request): PhotoColours
    {
        try {
            $picture = $this->take->take($request->getContent());
            $asked = $this->request->read(Json::decode($request->query->getString('asked', '{}')), PhotoColoursRequest::class, '/asked');
        } catch (\JsonException) {
            throw InvalidInput::at('/asked', 'This isn\'t JSON.');
        }
        $points = $this->points->read($picture->jpeg);
        if (null !== $asked->reference && null !== $asked->card) {
            $times = $this->read->factors(
                reference: $asked->reference,
                card: $asked->card,
                picture: $picture->jpeg,
                pointer: '/asked',
            );
            $points = array_map(
                static fn (Light $l): Light => new Light($times[0] * $l->red, $times[1] * $l->green, $times[2] * $l->blue),
                $points,
            );
        }

        return new PhotoColours($this->find->find($points));
    }
}
