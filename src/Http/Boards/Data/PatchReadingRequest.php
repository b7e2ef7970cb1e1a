<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

/**
 * What is read of a patch: a colour, how it was read ("typed" or "photo") and from which photo, notes, and a rating from 1 to 5.
 */
final readonly class PatchReadingRequest
{
    public function __construct(
        public ?string $colour = null,
        public ?string $how = null,
        public ?string $photo = null,
        public string $note = '',
        public ?int $rating = null,
    ) {
    }
}
