<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Inlaid\Core\Colour\ColourDifference;

/**
 * A field of a part, such as a repair, and how near it comes in the end to the face it lies on.
 *
 * Immutable. `area` in m² of all such parts of all pieces; `apart` null where nothing of that face lies beside it.
 */
final readonly class FieldPreview
{
    public function __construct(
        public string $id,
        public string $name,
        public string $face,
        public float $area,
        public ?ColourDifference $apart,
    ) {
    }
}
