<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * What is where: the sum of the ledger, derived, so that it need not be added up at every look. Grams as text, on the grid of what is
 * moved.
 */
#[ORM\Entity]
#[ORM\Table(name: 'balance')]
class StoredBalance
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 40)]
        public string $account,
        #[ORM\Id]
        #[ORM\Column(length: 64)]
        public string $materialId,
        #[ORM\Column(type: 'text')]
        public string $grams,
    ) {
    }
}
