<?php

declare(strict_types=1);

namespace Inlaid\Core\Board;

use Inlaid\Core\Material\Material;
use Inlaid\Core\Piece\Species;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Technique\Techniques;

/**
 * What a board can choose from: the recipe that is laid on it, and the materials, woods and techniques there are.
 *
 * Immutable.
 */
final readonly class Choices
{
    /**
     * @param array<string, Material> $materials by id
     * @param array<string, Species>  $woods     by name
     */
    public function __construct(public Recipe $recipe, public array $materials, public array $woods, public Techniques $techniques)
    {
    }

    public function substrate(): Substrate
    {
        return $this->recipe->piece->parts[0]->substrate;
    }
}
