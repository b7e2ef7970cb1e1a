<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\App\Exchange\Catalogue\LoadMaterials;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Preview\Preview;
use Inlaid\Core\Purchase\MaterialNeed;

/**
 * What a recipe would have to be shopped for: what is counted and not enough, and what only the catalogue knows. What is one's own and
 * nobody counts is taken to be there.
 */
final readonly class ToBuy
{
    private const WATER = 'water';

    /** @var array<string, true> ids of what the catalogue knows: nobody's own until it is counted */
    private array $catalogue;

    public function __construct(LoadMaterials $catalogue)
    {
        $this->catalogue = array_fill_keys(array_keys($catalogue->catalogue()), true);
    }

    /** Is it there: not known to be used up, and not only in the catalogue? */
    public function isThere(Material $material, Context $context): bool
    {
        $left = $context->left($material);

        return null === $left ? !isset($this->catalogue[$material->id]) : $left->isPositive();
    }

    /**
     * @return list<string> names
     */
    public function names(Preview $preview): array
    {
        $lacks = fn (MaterialNeed $n): bool => $n->toBuy
            && self::WATER !== $n->materialId
            && (null !== $n->left || isset($this->catalogue[$n->materialId]));

        return array_values(array_map(
            static fn (MaterialNeed $n): string => $n->name,
            array_filter($preview->materials, $lacks),
        ));
    }
}
