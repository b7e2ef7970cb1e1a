<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Material\Bleed;

/**
 * A wood as it is usually met.
 *
 * Immutable. `drinks` bare against a sealed ground; `moves` in % of its width for each % of moisture.
 */
final readonly class Species
{
    /**
     * @param list<Bleed> $bleeds
     */
    public function __construct(
        public string $name,
        public Colour $colour,
        public Grain $grain,
        public float $drinks,
        public float $moves,
        public array $bleeds,
    ) {
    }
}
