<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * A sample board. Its document may change until it is laid; `card` is derived: what is on it, in words. `chosen` is the choice that went
 * into the recipe, as JSON, and
 * `draftBefore` the draft as it was before that.
 */
#[ORM\Entity]
#[ORM\Table(name: 'board')]
class StoredBoard
{
    #[ORM\Column(nullable: true)]
    public ?\DateTimeImmutable $laidAt = null;

    #[ORM\Column(nullable: true)]
    public ?\DateTimeImmutable $archivedAt = null;

    #[ORM\Column(type: 'text', nullable: true)]
    public ?string $chosen = null;

    #[ORM\Column(type: 'text', nullable: true)]
    public ?string $draftBefore = null;

    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 26)]
        public string $id,
        #[ORM\Column(length: 120)]
        public string $title,
        #[ORM\Column(type: 'text')]
        public string $document,
        #[ORM\Column(type: 'text')]
        public string $card,
        #[ORM\Column(length: 26, nullable: true)]
        public ?string $recipeId,
        #[ORM\Column]
        public \DateTimeImmutable $createdAt,
        #[ORM\Column]
        public \DateTimeImmutable $updatedAt,
        #[ORM\Column]
        public int $version = 1,
    ) {
    }
}
