<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

/**
 * A face of a part that is finished: its area in m² for one such part, and how that was reckoned.
 *
 * Immutable.
 */
final readonly class FacePreview
{
    public function __construct(public string $key, public string $name, public float $area, public string $formula)
    {
    }
}
