<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * How what is left of a material is counted, in ml or g, and when its pack was opened and is to be used by; how much it is stands in the
 * ledger.
 */
#[ORM\Entity]
#[ORM\Table(name: 'stock')]
class StoredStock
{
    #[ORM\Column(type: 'date_immutable', nullable: true)]
    public ?\DateTimeImmutable $openedOn = null;

    #[ORM\Column(type: 'date_immutable', nullable: true)]
    public ?\DateTimeImmutable $useBy = null;

    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 64)]
        public string $materialId,
        #[ORM\Column(length: 2)]
        public string $unit,
    ) {
    }
}
