<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * One line of the ledger, never changed. `moves` as JSON: material, grams, from, to. `booking` the key it was sent under, and `request` a
 * hash of what was sent.
 */
#[ORM\Entity]
#[ORM\Table(name: 'ledger')]
#[ORM\Index(name: 'ledger_pot', columns: ['pot_id'])]
class StoredEntry
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 26)]
        public string $id,
        #[ORM\Column]
        public \DateTimeImmutable $at,
        #[ORM\Column(length: 20)]
        public string $kind,
        #[ORM\Column(length: 26, nullable: true)]
        public ?string $potId,
        #[ORM\Column(type: 'text')]
        public string $moves,
        #[ORM\Column(type: 'text')]
        public string $note,
        #[ORM\Column(length: 64, unique: true, nullable: true)]
        public ?string $booking = null,
        #[ORM\Column(length: 64, nullable: true)]
        public ?string $request = null,
    ) {
    }
}
