<?php

declare(strict_types=1);

namespace Inlaid\Core\Work;

use Inlaid\Core\Layout\CutSheets;
use Inlaid\Core\Layout\InvalidLayout;
use Inlaid\Core\Layout\Kind\Sheets;
use Inlaid\Core\Layout\Layout;
use Inlaid\Core\Layout\Plane;
use Inlaid\Core\Layout\SheetsCut;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;

/**
 * Works out how a step is laid out on every flat face with square corners that it touches. Other faces are done by eye.
 */
final readonly class LayOutStep
{
    public function __construct(private CutSheets $cut = new CutSheets())
    {
    }

    public function layOut(Recipe $recipe, Step $step): ?LayoutPreview
    {
        $layout = $step->detail->layout;
        if (null === $layout) {
            return null;
        }
        $faces = [];
        foreach ($recipe->partsOf($step) as $part) {
            foreach ($part->surface->faces as $key => [$face, $measured]) {
                if (null !== $measured->plane && $step->touchesFace($part, $key)) {
                    $faces[] = self::on(
                        layout: $layout,
                        part: $part->name,
                        face: $face->name,
                        count: $part->count * $recipe->piece->count,
                        plane: $measured->plane,
                    );
                }
            }
        }
        $laid = array_values(array_filter($faces, static fn (FaceLaidOut $f): bool => null !== $f->laid));
        $area = array_sum(array_map(static fn (FaceLaidOut $f): float => $f->area(), $laid));

        return new LayoutPreview(
            kind: $layout->kind(),
            inWords: $layout->inWords(),
            faces: $faces,
            tape: round(array_sum(array_map(static fn (FaceLaidOut $f): float => $f->count * ($f->laid->tape ?? 0.0), $laid)), 2),
            covers: [] === $laid
                ? null
                : round(
                    array_sum(array_map(static fn (FaceLaidOut $f): float => $f->area() * ($f->laid->covers ?? 0.0), $laid)) / $area,
                    6,
                ),
            sheets: $layout instanceof Sheets ? $this->sheets($layout, $laid) : null,
        );
    }

    private static function on(Layout $layout, string $part, string $face, int $count, Plane $plane): FaceLaidOut
    {
        try {
            return new FaceLaidOut(
                part: $part,
                face: $face,
                count: $count,
                plane: $plane,
                laid: $layout->on($plane)->rounded(),
                cannot: null,
            );
        } catch (InvalidLayout $refused) {
            return new FaceLaidOut(part: $part, face: $face, count: $count, plane: $plane, laid: null, cannot: $refused->getMessage());
        }
    }

    /**
     * @param list<FaceLaidOut> $faces
     */
    private function sheets(Sheets $layout, array $faces): SheetsCut
    {
        $cuts = array_merge(
            [],
            ...array_map(static fn (FaceLaidOut $f): array => array_merge(...array_fill(0, $f->count, $f->laid->cuts ?? [])), $faces),
        );

        return $this->cut->cut($cuts, $layout->length, $layout->width);
    }
}
