<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * A piece on the bench: the recipe as it was when it was put there, where it stands, from when and by when.
 */
#[ORM\Entity]
#[ORM\Table(name: 'run')]
class StoredRun
{
    #[ORM\Column(nullable: true)]
    public ?\DateTimeImmutable $finishedAt = null;

    #[ORM\Column(nullable: true)]
    public ?\DateTimeImmutable $archivedAt = null;

    #[ORM\Column(type: 'text', options: ['default' => ''])]
    public string $lesson = '';

    #[ORM\Column(nullable: true)]
    public ?int $rating = null;

    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 26)]
        public string $id,
        #[ORM\Column(length: 120)]
        public string $title,
        #[ORM\Column(type: 'text')]
        public string $document,
        #[ORM\Column(length: 26, nullable: true)]
        public ?string $recipeId,
        #[ORM\Column(nullable: true)]
        public ?int $revision,
        #[ORM\Column(length: 64, nullable: true)]
        public ?string $place,
        #[ORM\Column(nullable: true)]
        public ?\DateTimeImmutable $notBefore,
        #[ORM\Column(nullable: true)]
        public ?\DateTimeImmutable $due,
        #[ORM\Column]
        public \DateTimeImmutable $createdAt,
        #[ORM\Column]
        public int $version = 1,
    ) {
    }
}
