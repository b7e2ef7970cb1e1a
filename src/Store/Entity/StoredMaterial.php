<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * A material on the shelf. `version` grows with every change; recipes keep copies of their own.
 */
#[ORM\Entity]
#[ORM\Table(name: 'material')]
class StoredMaterial
{
    #[ORM\Column(nullable: true)]
    public ?\DateTimeImmutable $archivedAt = null;

    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 64)]
        public string $id,
        #[ORM\Column]
        public int $version,
        #[ORM\Column(length: 120)]
        public string $name,
        #[ORM\Column(length: 20)]
        public string $kind,
        #[ORM\Column(type: 'text')]
        public string $document,
        #[ORM\Column]
        public \DateTimeImmutable $updatedAt,
    ) {
    }
}
