<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

/**
 * Where a piece stands, from which day and by which, and whether it is finished or put away; of this version.
 */
final readonly class ChangeJobRequest
{
    public function __construct(
        public int $version,
        public ?string $place,
        public ?string $notBefore,
        public ?string $due,
        public bool $finished = false,
        public bool $archived = false,
    ) {
    }
}
