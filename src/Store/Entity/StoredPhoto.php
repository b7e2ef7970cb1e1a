<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * A photo of a patch, as a JPEG of our own making. One that is put away is kept.
 */
#[ORM\Entity]
#[ORM\Table(name: 'photo')]
class StoredPhoto
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
        #[ORM\ManyToOne(targetEntity: StoredBoard::class)]
        #[ORM\JoinColumn(name: 'board_id', nullable: false, onDelete: 'CASCADE')]
        public StoredBoard $board,
        #[ORM\Column(length: 10)]
        public string $patch,
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
