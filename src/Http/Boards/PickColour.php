<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\Refused;
use Inlaid\App\Exchange\Picture\ReadSpot;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\BoardBook;
use Inlaid\Core\Colour\CorrectByReference;
use Inlaid\Core\Colour\CorrectedColour;
use Inlaid\Core\Colour\ReferenceCard;
use Inlaid\Core\Colour\Spot;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/photos/{id}/colour', methods: 'POST')]
#[Describe('Read a colour from a photo, corrected by a neutral reference in it', takes: ColourToPick::class, gives: CorrectedColour::class)]
final readonly class PickColour
{
    private const LARGEST = 0.25;

    public function __construct(private BoardBook $boards, private ReadSpot $read, private CorrectByReference $correct)
    {
    }

    public function __invoke(string $id, Body $body): CorrectedColour
    {
        $jpeg = $this->boards->photo($id)->bytes();
        [$patch, $reference, $reflects] = $body->read(fn (Node $n): array => [
            $this->spot($n->fields('patch', 'reference', 'card', 'reflects')->child('patch'), $jpeg),
            $this->spot($n->child('reference'), $jpeg),
            $n->floatOrNull('reflects') ?? $n->enum('card', ReferenceCard::class)->reflects(),
        ]);

        return Refused::around('/reference', fn (): CorrectedColour => $this->correct->correct($patch, $reference, $reflects));
    }

    private function spot(Node $n, string $jpeg): Spot
    {
        [$x, $y, $radius] = array_map(static fn (string $name): float => ($share = $n->fields('x', 'y', 'radius')->float($name)) < 0.0 || $share > 1.0 ? $n->refuse($name, 'This is a share of the photo, from 0 to 1.') : $share, ['x', 'y', 'radius']);

        return $this->read->read($jpeg, $x, $y, min(self::LARGEST, $radius));
    }
}
