<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * A published revision. It never changes.
 */
#[ORM\Entity(readOnly: true)]
#[ORM\Table(name: 'revision')]
class StoredRevision
{
    #[ORM\Id]
    #[ORM\GeneratedValue(strategy: 'IDENTITY')]
    #[ORM\Column]
    public ?int $id = null;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'revisions', targetEntity: StoredRecipe::class)]
        #[ORM\JoinColumn(name: 'recipe_id', nullable: false, onDelete: 'CASCADE')]
        public StoredRecipe $recipe,
        #[ORM\Column]
        public int $number,
        #[ORM\Column(type: 'text')]
        public string $document,
        #[ORM\Column(length: 300)]
        public string $reason,
        #[ORM\Column]
        public \DateTimeImmutable $publishedAt,
    ) {
    }
}
