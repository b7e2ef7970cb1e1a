<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * What was read of one patch: colour, notes, rating.
 */
#[ORM\Entity]
#[ORM\Table(name: 'patch_reading')]
class StoredReading
{
    public function __construct(
        #[ORM\Id]
        #[ORM\ManyToOne(targetEntity: StoredBoard::class)]
        #[ORM\JoinColumn(name: 'board_id', nullable: false, onDelete: 'CASCADE')]
        public StoredBoard $board,
        #[ORM\Id]
        #[ORM\Column(length: 10)]
        public string $patch,
        #[ORM\Column(type: 'text')]
        public string $document,
        #[ORM\Column]
        public \DateTimeImmutable $readAt,
    ) {
    }
}
