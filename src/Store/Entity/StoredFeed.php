<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * The one address at which a calendar program subscribes to the days: its hash.
 */
#[ORM\Entity]
#[ORM\Table(name: 'feed')]
class StoredFeed
{
    public const ID = 1;

    public function __construct(
        #[ORM\Column(length: 64)]
        public string $tokenHash,
        #[ORM\Column]
        public \DateTimeImmutable $createdAt,
        #[ORM\Id]
        #[ORM\Column]
        public int $id = self::ID,
    ) {
    }
}
