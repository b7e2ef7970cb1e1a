<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * A round in which the painter's eye was trained: its questions, and what was answered so far.
 */
#[ORM\Entity]
#[ORM\Table(name: 'eye_round')]
class StoredEyeRound
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 26)]
        public string $id,
        #[ORM\Column]
        public \DateTimeImmutable $startedAt,
        /** JSON: questions with their truth, and answers by the place of the question. */
        #[ORM\Column(type: 'text')]
        public string $document,
    ) {
    }
}
