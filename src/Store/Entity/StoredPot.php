<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * A pot with a mix in it. `document` is what it is to be: materials, mixes and which of them; what is in it stands in the ledger.
 */
#[ORM\Entity]
#[ORM\Table(name: 'pot')]
class StoredPot
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 26)]
        public string $id,
        #[ORM\Column(length: 120)]
        public string $name,
        #[ORM\Column(type: 'text')]
        public string $document,
        #[ORM\Column]
        public \DateTimeImmutable $madeAt,
        #[ORM\Column(length: 120)]
        public string $place,
        #[ORM\Column(type: 'date_immutable', nullable: true)]
        public ?\DateTimeImmutable $useBy = null,
        #[ORM\Column(length: 26, nullable: true)]
        public ?string $recipeId = null,
        #[ORM\Column(length: 64, nullable: true)]
        public ?string $stepId = null,
    ) {
    }
}
