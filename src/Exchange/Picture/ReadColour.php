<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Picture;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
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
     * @param Node $n with the spot "patch" and perhaps "reference", and "card" or what it "reflects"
     *
     * @return \Closure(): CorrectedColour to be asked once all has been read
     *
     * @throws InvalidInput
     */
    public function read(Node $n, string $picture): \Closure
    {
        $patch = $this->spot($n->fields('patch', 'reference', 'card', 'reflects')->child('patch'), $picture);
        $reference = $n->childOrNull('reference');
        if (null === $reference) {
            return fn (): CorrectedColour => $this->correct->none($patch);
        }
        $spot = $this->spot($reference, $picture);
        $reflects = $n->floatOrNull('reflects') ?? $n->enum('card', ReferenceCard::class)->reflects();

        return fn (): CorrectedColour => InvalidInput::around(
            '/reference',
            fn (): CorrectedColour => $this->correct->correct($patch, $spot, $reflects),
        );
    }

    private function spot(Node $n, string $picture): Spot
    {
        [$x, $y, $radius] = array_map(
            static fn (string $name): float => ($share = $n->fields('x', 'y', 'radius')->float($name)) < 0.0 || $share > 1.0
                ? $n->refuse($name, 'Enter a value from 0 to 1')
                : $share,
            ['x', 'y', 'radius'],
        );

        return $this->read->read($picture, $x, $y, min(self::LARGEST, $radius));
    }
}
