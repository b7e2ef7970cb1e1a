<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;
use Inlaid\App\Store\Lock\KeyHolder;

/**
 * Who need not give the passphrase again: a device that has given it, or a hygrometer that cannot. Only the hash of the secret it shows.
 */
#[ORM\Entity]
#[ORM\Table(name: 'studio_key')]
class StoredKey
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 64)]
        public readonly string $tokenHash,
        #[ORM\Column(length: 16)]
        public readonly KeyHolder $holder,
        #[ORM\Column]
        public readonly \DateTimeImmutable $createdAt,
        #[ORM\Column]
        public \DateTimeImmutable $usedAt,
    ) {
    }
}
