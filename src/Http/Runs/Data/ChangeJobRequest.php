<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs\Data;

use Inlaid\App\Http\Api\Field\Day;
use Inlaid\App\Http\Api\Field\Id;

/**
 * Where a piece stands, from which day and by which, and whether it is finished or put away; of this version.
 */
final readonly class ChangeJobRequest
{
    public function __construct(
        public int $version,
        #[Id]
        public ?string $place,
        #[Day]
        public ?\DateTimeImmutable $notBefore,
        #[Day]
        public ?\DateTimeImmutable $due,
        public bool $finished = false,
        public bool $archived = false,
    ) {
    }
}
