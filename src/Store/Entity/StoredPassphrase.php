<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * The studio's passphrase, of which only PHP's own password hash is kept.
 */
#[ORM\Entity]
#[ORM\Table(name: 'passphrase')]
class StoredPassphrase
{
    public const ID = 1;

    public function __construct(
        #[ORM\Column]
        public string $hash,
        #[ORM\Column]
        public \DateTimeImmutable $changedAt,
        #[ORM\Id]
        #[ORM\Column]
        public int $id = self::ID,
    ) {
    }
}
