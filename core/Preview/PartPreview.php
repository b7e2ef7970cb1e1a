<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Inlaid\Core\Findings\SandingBudget;
use Inlaid\Core\Piece\Shape\Outline;
use Inlaid\Core\Piece\Surveyed;

/**
 * A part as surveyed, worked out.
 *
 * Immutable. `area` in m² of all finished faces of all such parts of all pieces; `drinks` what the first film takes against
 * one on a sealed ground; `outline` in mm as it is seen from the front, null where no shape is known.
 */
final readonly class PartPreview
{
    /**
     * @param list<FacePreview>  $faces
     * @param list<FieldPreview> $fields
     */
    public function __construct(
        public string $id,
        public float $area,
        public array $faces,
        public float $drinks,
        public bool $twoLays,
        public ?Outline $outline,
        public Surveyed $survey,
        public SandingBudget $sanding,
        public array $fields,
    ) {
    }
}
