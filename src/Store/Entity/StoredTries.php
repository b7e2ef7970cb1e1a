<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * How often a wrong passphrase came from one place, or from anywhere, and when it did so last.
 */
#[ORM\Entity]
#[ORM\Table(name: 'wrong_tries')]
class StoredTries
{
    public function __construct(
        /** A hash of the address, or "anywhere". */
        #[ORM\Id]
        #[ORM\Column(length: 64)]
        public readonly string $place,
        #[ORM\Column]
        public int $count,
        #[ORM\Column]
        public \DateTimeImmutable $lastAt,
    ) {
    }
}
