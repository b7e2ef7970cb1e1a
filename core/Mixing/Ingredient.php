<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;

/**
 * One material of a mix with its full-strength colour and its share of the volume.
 *
 * Immutable.
 */
final readonly class Ingredient
{
    public function __construct(
        public string $materialId,
        public string $name,
        public ?string $colour,
        public LookKind $look,
        public float $share,
    ) {
    }

    public static function of(Component $leaf): self
    {
        return new self(
            materialId: $leaf->material->id,
            name: $leaf->material->name,
            colour: self::colourOf($leaf->material),
            look: $leaf->material->look->kind,
            share: round($leaf->share, 6),
        );
    }

    /**
     * @return non-empty-list<self>
     */
    public static function all(FlatMix $mix): array
    {
        return array_map(self::of(...), $mix->leaves);
    }

    public static function colourOf(Material $material): ?string
    {
        return ($material->look->colour ?? $material->look->onWood)?->hex;
    }
}
