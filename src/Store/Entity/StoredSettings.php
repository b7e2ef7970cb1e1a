<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * The studio's settings: one row.
 */
#[ORM\Entity]
#[ORM\Table(name: 'settings')]
class StoredSettings
{
    public const ID = 1;

    #[ORM\Id]
    #[ORM\Column]
    public int $id = self::ID;

    public function __construct(
        #[ORM\Column]
        public int $version,
        #[ORM\Column(type: 'text')]
        public string $document,
    ) {
    }
}
