<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * A photo taken at the bench, as a JPEG of our own making. One that is put away is kept.
 */
#[ORM\Entity]
#[ORM\Table(name: 'run_photo')]
class StoredRunPhoto
{
    #[ORM\Column(nullable: true)]
    public ?\DateTimeImmutable $putAwayAt = null;

    /**
     * @param string|resource $jpeg a stream once it comes from the store
     */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 26)]
        public string $id,
        #[ORM\ManyToOne(targetEntity: StoredRun::class)]
        #[ORM\JoinColumn(name: 'run_id', nullable: false, onDelete: 'CASCADE')]
        public StoredRun $run,
        #[ORM\Column(length: 64, nullable: true)]
        public ?string $step,
        #[ORM\Column(type: 'blob')]
        public mixed $jpeg,
        #[ORM\Column]
        public int $width,
        #[ORM\Column]
        public int $height,
        #[ORM\Column]
        public \DateTimeImmutable $addedAt,
    ) {
    }

    public function bytes(): string
    {
        return \is_string($this->jpeg) ? $this->jpeg : (string) stream_get_contents($this->jpeg, null, 0);
    }
}
