<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

use Brick\Math\BigRational;
use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Technique\Hand;
use Inlaid\Core\Technique\Placement;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\Tool;

/**
 * One step of a finish family: what is done, with a material of which role, and between what it may be varied.
 *
 * Immutable. Of every list the first is what is usual. `ratios` parts of what it is `extended` with to one of the material, empty where it
 * is used as it is; `coats` none where it may be left out; `dwells` minutes before it is wiped, null where nothing is said of it;
 * `usual` the materials to prefer, by id; `layout` as a recipe document says it; `reaches` the step in whose film it ends that wears, null
 * where it goes as deep as is usual.
 */
final readonly class FamilyStep
{
    /**
     * @param list<string>             $usual
     * @param list<BigRational>        $ratios
     * @param non-empty-list<int>      $coats
     * @param list<Hand>               $hands
     * @param non-empty-list<int|null> $dwells
     */
    public function __construct(
        public string $id,
        public string $title,
        public Technique $technique,
        public Purpose $purpose,
        public ?Role $role,
        public array $usual,
        public Extender $extended,
        public array $ratios,
        public array $coats,
        public array $hands,
        public array $dwells,
        public WaitRule $wait,
        public ?Placement $where,
        public ?Tool $tool,
        public ?FilmWeight $weight,
        public ?int $grit,
        public ?string $layout,
        public ?string $reaches = null,
    ) {
    }

    /**
     * What a material is thinned, made a glaze or softened with for it.
     *
     * @param array<string, Material> $shelf by id
     */
    public function extender(Material $material, array $shelf): ?Material
    {
        $fits = array_filter($shelf, fn (Material $m): bool => $this->extended->isPlayedBy($m, $material));

        return $fits['water'] ?? array_values($fits)[0] ?? null;
    }
}
