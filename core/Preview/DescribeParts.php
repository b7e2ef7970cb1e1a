<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\SurveyPart;
use Inlaid\Core\Work\StepCalculation;
use Inlaid\Core\Work\WorkOutSanding;

/**
 * Works out the parts of a piece as surveyed: faces and areas, thirst, and what the tests tell.
 */
final readonly class DescribeParts
{
    public function __construct(private SurveyPart $survey = new SurveyPart(), private WorkOutSanding $sanding = new WorkOutSanding())
    {
    }

    /**
     * @param list<StepCalculation> $works
     *
     * @return list<PartPreview>
     */
    public function describe(Piece $piece, array $works): array
    {
        return array_map(fn (PiecePart $part): PartPreview => new PartPreview(
            $part->id,
            round($part->totalArea() * $piece->count, 4),
            array_values(array_map(
                static fn (array $f): FacePreview => new FacePreview($f[0]->key, $f[0]->name, round($f[1]->area, 6), $f[1]->formula),
                $part->surface->faces,
            )),
            $part->drinks(),
            $part->turned && $part->surface->hasTwoSides(null),
            $part->surface->outline,
            $this->survey->survey($part),
            $this->sanding->budget($part, $works),
        ), $piece->parts);
    }
}
