<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * The one draft of a recipe. `version` grows with every save; `base` is the revision it began from.
 */
#[ORM\Entity]
#[ORM\Table(name: 'draft')]
class StoredDraft
{
    public function __construct(
        #[ORM\Id]
        #[ORM\OneToOne(inversedBy: 'draft', targetEntity: StoredRecipe::class)]
        #[ORM\JoinColumn(name: 'recipe_id', nullable: false, onDelete: 'CASCADE')]
        public StoredRecipe $recipe,
        #[ORM\Column(type: 'text')]
        public string $document,
        #[ORM\Column]
        public \DateTimeImmutable $savedAt,
        #[ORM\Column]
        public int $base = 0,
        #[ORM\Column]
        public int $version = 1,
    ) {
    }
}
