<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

/**
 * A part of a piece that steps can be applied to.
 *
 * Immutable. `area` in m² of one such part, `count` how many there are; `absorption` overrides the typical value.
 */
final readonly class PiecePart
{
    private function __construct(
        public string $id,
        public string $name,
        public float $area,
        public int $count,
        public Substrate $substrate,
        public ?float $absorption,
    ) {
    }

    /**
     * @throws RecipeRefusal if area, count or absorption cannot be true
     */
    public static function of(string $id, string $name, float $area, int $count, Substrate $substrate, ?float $absorption = null): self
    {
        return match (true) {
            !is_finite($area) || $area <= 0.0 || $area > 1000.0 => throw RecipeRefusal::outOfRange('An area', 'more than 0 and at most 1000 m²'),
            $count < 1 || $count > 1000 => throw RecipeRefusal::outOfRange('A count', 'between 1 and 1000'),
            null !== $absorption && ($absorption < 0.5 || $absorption > 5.0) => throw RecipeRefusal::outOfRange('Absorption', 'between 0.5 and 5'),
            default => new self($id, $name, $area, $count, $substrate, $absorption),
        };
    }

    public function totalArea(): float
    {
        return $this->area * $this->count;
    }
}
