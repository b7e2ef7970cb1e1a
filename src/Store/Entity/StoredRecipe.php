<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;

/**
 * A recipe in the book: its one draft, its revisions, and what the index keeps of it.
 */
#[ORM\Entity]
#[ORM\Table(name: 'recipe')]
class StoredRecipe
{
    #[ORM\OneToOne(mappedBy: 'recipe', targetEntity: StoredDraft::class, cascade: ['persist'], fetch: 'EAGER')]
    public StoredDraft $draft;

    /** @var Collection<int, StoredRevision> */
    #[ORM\OneToMany(mappedBy: 'recipe', targetEntity: StoredRevision::class, cascade: ['persist'])]
    #[ORM\OrderBy(['number' => 'DESC'])]
    public Collection $revisions;

    #[ORM\Column(nullable: true)]
    public ?\DateTimeImmutable $archivedAt = null;

    /** Number of the newest revision, 0 before the first. */
    #[ORM\Column]
    public int $head = 0;

    /** Derived: what a chip in the book shows, as JSON. */
    #[ORM\Column(type: 'text')]
    public string $card = '{}';

    /** Derived: L*, a* and b* that the flat will have, by which recipes near a colour are found; null until it is worked out. */
    #[ORM\Column(nullable: true)]
    public ?float $lookL = null;

    #[ORM\Column(nullable: true)]
    public ?float $lookA = null;

    #[ORM\Column(nullable: true)]
    public ?float $lookB = null;

    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 26)]
        public string $id,
        #[ORM\Column(length: 120)]
        public string $title,
        #[ORM\Column]
        public \DateTimeImmutable $createdAt,
        #[ORM\Column]
        public \DateTimeImmutable $updatedAt,
    ) {
        $this->revisions = new ArrayCollection();
    }
}
