<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Inlaid\Core\Colour\ColourDifference;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\WorkOutSanding;
use Inlaid\Core\Piece\Field;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Piece\SurveyPart;
use Inlaid\Core\Technique\Zone;

/**
 * Works out the parts of a piece as surveyed: faces and areas, thirst, and what the tests tell.
 */
final readonly class DescribeParts
{
    public function __construct(private SurveyPart $survey = new SurveyPart(), private WorkOutSanding $sanding = new WorkOutSanding())
    {
    }

    /**
     * @return list<PartPreview>
     */
    public function describe(RecipeAnalysis $whole): array
    {
        $piece = $whole->recipe->piece;

        return array_map(fn (PiecePart $part): PartPreview => new PartPreview(
            id: $part->id,
            area: round($part->totalArea() * $piece->count, 4),
            faces: array_values(array_map(
                static fn (array $f): FacePreview => new FacePreview(
                    key: $f[0]->key,
                    name: $f[0]->name,
                    area: round($f[1]->area, 6),
                    formula: $f[1]->formula,
                ),
                $part->surface->faces,
            )),
            drinks: $part->drinks(),
            twoLays: $part->turned && $part->surface->hasTwoSides(null),
            outline: $part->surface->outline,
            survey: $this->survey->survey($part),
            sanding: $this->sanding->budget($whole, $part),
            fields: $this->fields($whole, $part),
        ), $piece->parts);
    }

    /**
     * @return list<FieldPreview>
     */
    private function fields(RecipeAnalysis $whole, PiecePart $part): array
    {
        $end = static fn (string $face): ?Lab => ($whole->stacksOf($part, [$face])[0] ?? null)?->laid()->end(Zone::Field)->lab();

        return array_map(static function (Field $field) use ($whole, $part, $end): FieldPreview {
            $face = $field->face ?? Surface::faceOf((string) array_key_first($part->surface->faces));
            $key = $face.'.'.$field->id;
            [$own, $beside] = [$end($key), $end($face)];

            return new FieldPreview(
                id: $field->id,
                name: $field->name,
                face: $face,
                area: round($part->totalArea([$key]) * $whole->recipe->piece->count, 4),
                apart: null === $own || null === $beside ? null : ColourDifference::ofLabs($own, $beside),
            );
        }, $part->fields);
    }
}
