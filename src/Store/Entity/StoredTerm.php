<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * Derived: one word a recipe can be found by.
 */
#[ORM\Entity(readOnly: true)]
#[ORM\Table(name: 'recipe_term')]
class StoredTerm
{
    #[ORM\Id]
    #[ORM\GeneratedValue(strategy: 'IDENTITY')]
    #[ORM\Column]
    public ?int $id = null;

    public function __construct(
        #[ORM\ManyToOne(targetEntity: StoredRecipe::class)]
        #[ORM\JoinColumn(name: 'recipe_id', nullable: false, onDelete: 'CASCADE')]
        public StoredRecipe $recipe,
        #[ORM\Column(length: 80)]
        public string $term,
    ) {
    }
}
