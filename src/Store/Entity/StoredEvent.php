<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * Something that was noted at the bench. It is never changed; what undoes it is another.
 */
#[ORM\Entity]
#[ORM\Table(name: 'run_event')]
class StoredEvent
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 64)]
        public string $id,
        #[ORM\ManyToOne(targetEntity: StoredRun::class)]
        #[ORM\JoinColumn(name: 'run_id', nullable: false, onDelete: 'CASCADE')]
        public StoredRun $run,
        #[ORM\Column]
        public \DateTimeImmutable $happenedAt,
        #[ORM\Column]
        public \DateTimeImmutable $receivedAt,
        #[ORM\Column(type: 'text')]
        public string $document,
    ) {
    }
}
