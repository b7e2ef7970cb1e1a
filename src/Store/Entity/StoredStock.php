<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * What is left of a material on the shelf: an exact amount as text, in ml or g.
 */
#[ORM\Entity]
#[ORM\Table(name: 'stock')]
class StoredStock
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 64)]
        public string $materialId,
        #[ORM\Column(length: 40)]
        public string $amount,
        #[ORM\Column(length: 2)]
        public string $unit,
    ) {
    }
}
