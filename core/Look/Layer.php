<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Mixing\Ingredient;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\TechniqueProfile;

/**
 * What one step is in the cut through a finish.
 *
 * Immutable. µm of dry film: `laid` when it was laid, `thickness` what is left of it in the end where least is gone; `depth` of what a
 * step takes away and `reaches` the step it ends in ("wood" below all films); `cover` the share of the surface touched.
 */
final readonly class Layer
{
    /**
     * @param list<Ingredient> $ingredients full-strength, as they lie
     */
    public function __construct(
        public string $stepId,
        public int $number,
        public Effect $effect,
        public array $ingredients,
        public float $laid,
        public float $thickness,
        public float $cover,
        public ?float $depth,
        public ?string $reaches,
    ) {
    }

    /** Does it lie on most of the surface? */
    public function covers(): bool
    {
        return $this->cover >= TechniqueProfile::COVERS;
    }
}
