<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * A link by which a client looks at something and chooses once. Only a hash of its secret is kept: who reads the store cannot use it.
 */
#[ORM\MappedSuperclass]
abstract class ClientLink
{
    #[ORM\Column(nullable: true)]
    public ?\DateTimeImmutable $revokedAt = null;

    #[ORM\Column(type: 'text')]
    public string $comment = '';

    #[ORM\Column(nullable: true)]
    public ?\DateTimeImmutable $chosenAt = null;

    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 26)]
        public string $id,
        #[ORM\Column(length: 64)]
        public string $tokenHash,
        #[ORM\Column]
        public \DateTimeImmutable $createdAt,
        #[ORM\Column]
        public \DateTimeImmutable $expiresAt,
    ) {
    }

    public function isOpen(\DateTimeImmutable $at): bool
    {
        return null === $this->revokedAt && $at < $this->expiresAt;
    }
}
