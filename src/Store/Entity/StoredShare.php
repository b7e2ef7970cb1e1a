<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * A link to a board, of which one patch is chosen.
 */
#[ORM\Entity]
#[ORM\Table(name: 'share')]
class StoredShare extends ClientLink
{
    #[ORM\ManyToOne(targetEntity: StoredBoard::class)]
    #[ORM\JoinColumn(name: 'board_id', nullable: false, onDelete: 'CASCADE')]
    public StoredBoard $board;

    #[ORM\Column(length: 10, nullable: true)]
    public ?string $patch = null;
}
