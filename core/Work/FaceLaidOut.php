<?php

declare(strict_types=1);

namespace Inlaid\Core\Work;

use Inlaid\Core\Layout\LaidOut;
use Inlaid\Core\Layout\Plane;

/**
 * A layout on one face of a part.
 *
 * Immutable. `count` how many such faces there are on all pieces; `laid` null where it does not go on that face, `cannot` then says why.
 */
final readonly class FaceLaidOut
{
    public function __construct(
        public string $part,
        public string $face,
        public int $count,
        public Plane $plane,
        public ?LaidOut $laid,
        public ?string $cannot,
    ) {
    }

    /** m² of all such faces. */
    public function area(): float
    {
        return $this->count * $this->plane->length * $this->plane->width / 1_000_000;
    }
}
