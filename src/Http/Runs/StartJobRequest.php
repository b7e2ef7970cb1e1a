<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

/**
 * A recipe to be put on the bench as its draft is, or as a revision; where it stands, from which day and by which; for how many pieces, if
 * not for as many as it says.
 */
final readonly class StartJobRequest
{
    public function __construct(
        public string $recipe,
        public ?int $revision = null,
        public ?string $place = null,
        public ?string $notBefore = null,
        public ?string $due = null,
        public ?int $count = null,
    ) {
    }
}
