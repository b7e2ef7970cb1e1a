<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Inlaid\Core\Film\FilmWeight;

/**
 * The film of a step, in µm: `wet`, `stays` and `dry` of one coat where it lies, `total` dry of all coats.
 *
 * Immutable. `cover` is the share of the surface that gets any.
 */
final readonly class FilmPreview
{
    public function __construct(
        public float $wet,
        public float $stays,
        public float $dry,
        public float $total,
        public float $cover,
        public FilmWeight $weight,
    ) {
    }
}
