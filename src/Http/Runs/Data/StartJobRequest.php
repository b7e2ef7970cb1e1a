<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs\Data;

use Inlaid\App\Http\Api\Field\Day;
use Inlaid\App\Http\Api\Field\Id;

/**
 * A recipe to be put on the bench as its draft is, or as a revision; where it stands, from which day and by which; for how many pieces, if
 * not for as many as it says.
 */
final readonly class StartJobRequest
{
    public function __construct(
        #[Id]
        public string $recipe,
        public ?int $revision = null,
        #[Id]
        public ?string $place = null,
        #[Day]
        public ?\DateTimeImmutable $notBefore = null,
        #[Day]
        public ?\DateTimeImmutable $due = null,
        public ?int $count = null,
    ) {
    }
}
