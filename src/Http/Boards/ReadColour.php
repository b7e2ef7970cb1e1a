<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Picture\ReadSpot;
use Inlaid\App\Http\Boards\Data\PhotoSpot;
use Inlaid\App\Http\Boards\Data\PickColourRequest;
use Inlaid\Core\Colour\CorrectByReference;
use Inlaid\Core\Colour\CorrectedColour;
use Inlaid\Core\Colour\ReferenceCard;
use Inlaid\Core\Colour\Spot;

/**
 * Reads a colour from a picture: corrected by a neutral reference in it, or as it is shown where there is none.
 */
final readonly class ReadColour
{
    private const LARGEST = 0.25;

    public function __construct(private ReadSpot $read = new ReadSpot(), private CorrectByReference $correct = new CorrectByReference())
    {
    }

    /**
     * @throws InvalidInput if it can't be corrected by that reference
     */
    public function read(PickColourRequest $asked, string $picture, string $pointer = ''): CorrectedColour
    {
        $patch = $this->spot($asked->patch, $picture);
        if (null === $asked->reference) {
            return $this->correct->none($patch);
        }
        $reference = $this->spot($asked->reference, $picture);
        $reflects = $asked->reflects ?? $asked->card?->reflects() ?? throw InvalidInput::at($pointer.'/card', 'Missing');

        return InvalidInput::around(
            $pointer.'/reference',
            fn (): CorrectedColour => $this->correct->correct($patch, $reference, $reflects),
        );
    }

    /**
     * By how much a reference corrects each channel of its picture.
     *
     * @return array{float, float, float}
     *
     * @throws InvalidInput if nothing can be corrected by it
     */
    public function factors(PhotoSpot $reference, ReferenceCard $card, string $picture, string $pointer): array
    {
        return InvalidInput::around(
            $pointer.'/reference',
            fn (): array => $this->correct->factors($this->spot($reference, $picture), $card->reflects()),
        );
    }

    private function spot(PhotoSpot $spot, string $picture): Spot
    {
        return $this->read->read(jpeg: $picture, x: $spot->x, y: $spot->y, radius: min(self::LARGEST, $spot->radius));
    }
}
